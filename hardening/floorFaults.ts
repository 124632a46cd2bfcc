// npm run floor-faults -- --rounds N --seed S: two tablets log the same session while something is taken away under
// them in each round. Afterwards every tap is held against what the database holds. See docs/operations.md.
import { group } from 'd3-array'
import { Device } from './device'
import { Line } from './line'
import { Parts } from './parts'
import { anItem, planToday, type Planned } from './planToday'
import { argument, Luck } from './random'
import { Tablet, type Tap } from './tablet'

const base = process.env.HARDENING_URL!
const rounds = argument('rounds', 20)
/** Rounds before this one were had already. */
const first = argument('first', 0)
const seed = argument('seed', 1)
const SETS = 5
const AMOUNT = 5
/** After so long without a line and without anything to do somebody looks for one. */
const STUCK_MS = 30_000
/** A browser that is killed may take with it what was tapped in its last moments. */
const MOMENT_MS = 250
const HOUR_MS = 3_600_000
const FAULTS = [
  'browserKilled', 'offline', 'killServer', 'killDatabase', 'clockJumps', 'storageFull', 'updated',
] as const
type Fault = (typeof FAULTS)[number]

const sleep = (ms: number): Promise<unknown> => new Promise(resolve => setTimeout(resolve, ms))
const coach = new Device(base, 'head@larkholm.example')

/** An athlete with a session of today that has ten sets. */
const aSession = (): Promise<Planned> => planToday(coach, {
  items: [['brace.low-breath', 'breaths'], ['front-plank.wall', 'seconds']].map(([variationId, unit], i) =>
    anItem(String(i), variationId!, { sets: SETS, amount: AMOUNT, unit, restS: 5 })),
})

/** Takes something away under a tablet; gives back when it was killed, if it was. */
async function strike(fault: Fault, tablet: Tablet, path: string, luck: Luck): Promise<void> {
  switch (fault) {
    case 'browserKilled':
      tablet.kill()
      killedAt.push({ tablet, at: Date.now() })
      await tablet.on()
      await tablet.open(path)
      return
    case 'offline':
      tablet.line.cut(true)
      await sleep(luck.below(800))
      await tablet.open(path)
      await sleep(luck.below(800))
      return tablet.line.cut(false)
    case 'killServer': return parts.killServer(luck)
    case 'killDatabase': return parts.killDatabase(luck)
    case 'clockJumps':
      return tablet.jump(luck.chance(0.5) ? HOUR_MS : -HOUR_MS)
    case 'storageFull':
      await tablet.room(0)
      await sleep(300 + luck.below(700))
      return tablet.room(null)
    case 'updated':
      tablet.line.cut(false)
      tablet.line.release()
      return tablet.renew()
  }
}

/** Goes through the session to its end, whatever happens to the page meanwhile. */
async function run(tablet: Tablet, luck: Luck): Promise<void> {
  const until = Date.now() + 120_000
  let last = Date.now()
  for (let taps = tablet.taps.length; Date.now() < until;) {
    const over = await tablet.tap(luck.chance(0.3) ? luck.below(8) : null).catch(() => false)
    if (over) return
    if (tablet.taps.length > taps) [taps, last] = [tablet.taps.length, Date.now()]
    // Begun anew before the device had the session: whoever stands there walks to where there is a line.
    if (Date.now() - last > STUCK_MS && tablet.line.isCut) {
      tablet.line.cut(false)
      total.linesSought += 1
    }
    await sleep(10 + luck.below(60))
  }
  throw new Error(`${tablet.email} came to no end: ${await tablet.page.locator('body').innerText().catch(String)}`)
}

async function settled(tablet: Tablet): Promise<void> {
  const until = Date.now() + 120_000
  while (Date.now() < until) {
    await tablet.signInAgain().catch(() => undefined)
    if (!await tablet.waits().catch(() => true)) return
    await sleep(100)
  }
  throw new Error(`${tablet.email} still waits: ${await tablet.page.locator('body').innerText().catch(String)}`)
}

const parts = new Parts()
await parts.start()
await coach.signIn()
const tablets = await Promise.all(['coach@larkholm.example', 'assistant@larkholm.example'].map(async (email) => {
  const line = new Line(base)
  await line.open()
  const tablet = new Tablet(line, email)
  await tablet.on()
  await tablet.signIn()
  return tablet
}))

const total = {
  taps: 0, lost: 0, doubled: 0, contradicted: 0, lastMoments: 0, ofThemThere: 0, linesSought: 0, unsure: 0,
}
const details: string[] = []
let killedAt: { tablet: Tablet, at: number }[] = []
const by = Object.fromEntries(FAULTS.map(fault => [fault, 0])) as Record<Fault, number>

interface Row {
  prescribed_item_id: string
  side: string | null
  set_number: number
  amount: number
  effort: number | null
}

/** Every tap of a round against the sets that are stored. */
async function hold({ athleteId, items }: Planned, what: string): Promise<void> {
  const rows = await parts.owner(async client =>
    (await client.query<Row>('select * from set_log where athlete_id = $1', [athleteId])).rows)
  const nameOf = new Map([...items].map(([name, id]) => [id, name]))
  const setOf = (row: Row): string => `${nameOf.get(row.prescribed_item_id)}|${row.side ?? 'both'}|${row.set_number}`
  const stored = group(rows, setOf)
  const blame = (kind: 'lost' | 'doubled' | 'contradicted', text: string): void => {
    total[kind] += 1
    details.push(`${what}: ${kind}: ${text}`)
    console.log(details.at(-1))
  }
  for (const tablet of tablets) for (const tap of tablet.taps) {
    total.taps += 1
    const [row] = stored.get(tap.set) ?? []
    const isThere = row !== undefined && (tap.effort === null || row.effort !== null)
    if (isLast(tablet, tap)) {
      total.lastMoments += 1
      total.ofThemThere += Number(isThere)
    }
    else if (!isThere) blame('lost', JSON.stringify(tap))
  }
  const said = new Set(tablets.flatMap(tablet => tablet.taps.map(tap => `${tap.set}|${tap.effort}`)))
  const unsure = new Set(tablets.flatMap(tablet => tablet.unsure))
  total.unsure += unsure.size
  const isSaid = (set: string, { amount, effort }: Row): boolean =>
    amount === AMOUNT && (effort === null || said.has(`${set}|${effort}`) || unsure.has(effort))
  for (const [set, all] of stored) {
    if (all.length > 1) blame('doubled', `${set}: ${all.length} times`)
    const other = all.find(row => !isSaid(set, row))
    if (other) blame('contradicted', `${set}: nobody said ${other.amount}, effort ${other.effort}`)
  }
  if (stored.size !== SETS * items.size) blame('lost', `${stored.size} sets of ${SETS * items.size}`)
}

/** Whether a tablet was killed in the moment of a tap: nobody has been told that it was kept. */
const isLast = (tablet: Tablet, { at }: Tap): boolean =>
  killedAt.some(one => one.tablet === tablet && at > one.at - MOMENT_MS && at <= one.at + MOMENT_MS)

for (let round = first; round < rounds; round++) {
  const luck = new Luck(seed * 7919 + round)
  const fault = FAULTS[round % FAULTS.length]!
  by[fault] += 1
  const session = await aSession()
  const path = `/run/${session.sessionId}`
  killedAt = []
  for (const tablet of tablets) {
    tablet.forget()
    await tablet.open(path)
    await tablet.page.getByRole('button', { name: 'Done as asked' }).waitFor()
  }
  const [one] = tablets
  // Half of the time something waits already when it happens.
  if (luck.chance(0.5)) one!.line.cut(true)
  await Promise.all([
    run(tablets[0]!, luck), run(tablets[1]!, new Luck(seed * 104_729 + round)),
    sleep(luck.below(900)).then(() => strike(fault, one!, path, luck)),
  ])
  for (const tablet of tablets) tablet.line.cut(false)
  await Promise.all(tablets.map(settled))
  await hold(session, `round ${round} (${fault})`)
  if ((round + 1) % 25 === 0) console.log(`${round + 1} rounds, ${total.taps} logs, ${details.length} findings`)
}
for (const tablet of tablets) tablet.scrap()
await parts.stop()

console.log(`seed ${seed}, ${rounds} rounds: ${Object.entries(by).map(([fault, n]) => `${fault} ${n}`).join(', ')}`)
console.log(`${total.taps} logs by two tablets; ${total.lastMoments} of them within ${MOMENT_MS} ms of the end of a `
  + `browser, of which ${total.ofThemThere} are there`)
console.log(`${total.unsure} efforts may have been tapped when a page was left: neither missed nor refused`)
console.log(`a line was sought ${total.linesSought} times: nothing could be done without one`)
console.log(`lost ${total.lost}, doubled ${total.doubled}, contradicted ${total.contradicted}`)
process.exit(total.lost + total.doubled + total.contradicted === 0 ? 0 : 1)
