// npm run faults -- --rounds N --seed S: the main journey, with a part of the product taken away at a random moment of
// each round. Afterwards what the devices were told is held against what the database holds.
import { randomUUID } from 'node:crypto'
import { account, type Account } from './account'
import { Device } from './device'
import { FAULTS, Parts, type Fault } from './parts'
import { argument, Luck } from './random'

const base = process.env.HARDENING_URL!
const rounds = argument('rounds', 20)
const seed = argument('seed', 1)
const MONDAY = '2026-03-02'

const sleep = (ms: number): Promise<unknown> => new Promise(resolve => setTimeout(resolve, ms))
const item = (id: string, amount: number): object => ({
  id, variationId: 'brace.low-breath', dose: { sets: 2, amount, unit: 'breaths', restS: 5 }, slot: 'activation',
  pairedWith: null, extraSetSide: null, setting: {}, why: `marker ${amount}`,
})

interface Plan { sessions: { id: string, day: number, minutes: number, lifts: object[], items: object[] }[] }
interface Week { version: number, plan: Plan }

/** Adds one drill to a week, meeting another coach's write as the product does: on top of it, never over it. */
async function addDrill(device: Device, address: string, week: Week, drill: object): Promise<Week> {
  let now = week
  for (;;) {
    const plan: Plan = { sessions: now.plan.sessions.map(s => ({ ...s, items: [...s.items, drill] })) }
    const told = await device.write('PUT', address, { version: now.version, plan })
    if (!told) return now
    if (told.outcome === 'stored') return told.answer as unknown as Week
    if (told.code !== 'changedElsewhere') throw new Error(`refused: ${JSON.stringify(told.answer)}`)
    now = told.answer.current as Week
  }
}

/** From a new athlete to logged sets, by two coaches at once. */
async function journey(first: Device, second: Device, luck: Luck): Promise<string> {
  const id = randomUUID()
  const athlete = {
    name: `Trial ${id.slice(0, 8)}`, goal: '', goalVariationId: null, goalLift: null, sport: 'general', position: '',
    sex: 'female', heightCm: 170, massKg: 64, birthYear: 2000, trainingAgeYears: 3, equipment: [], available: [],
    flags: [], braceStep: 5, stands: [], weakLink: null, weakSide: null,
    groupIds: [(await first.read<{ id: string }[]>('/api/groups'))[0]!.id],
  }
  await first.write('POST', '/api/athletes', { id, athlete })
  const address = `/api/athletes/${id}/weeks/${MONDAY}`
  const empty: Week = { version: 0, plan: { sessions: [{ id: 'd0', day: 0, minutes: 60, lifts: [], items: [] }] } }
  const begun = await first.write('PUT', address, empty)
  const start = begun!.answer as unknown as Week
  const edit = async (device: Device, name: string): Promise<void> => {
    let week = start
    for (let i = 0; i < 3; i++) {
      week = await addDrill(device, address, week, item(`${name}${i}`, 3 + luck.below(5)))
      await sleep(luck.below(60))
    }
  }
  await Promise.all([edit(first, 'a'), edit(second, 'b')])
  const { week } = await first.read<{ week: Week }>(address)
  await first.write('POST', `${address}/assign`, { version: week.version })
  await second.write('PUT', `/api/athletes/${id}`, { version: 1, athlete: { ...athlete, massKg: 60 + luck.below(30) } })
  const today = await first.read<{ prescribed: { itemId: string }[] }>(`/api/athletes/${id}/history/${MONDAY}`)
  for (const { itemId } of today.prescribed) {
    await first.write('POST', '/api/logs', {
      logs: [{
        id: randomUUID(), prescribedItemId: itemId, day: MONDAY, performedAt: `${MONDAY}T10:00:00.000Z`, setNumber: 1,
        side: null, amount: 5, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, note: '',
      }],
    })
  }
  return id
}

const parts = new Parts()
await parts.start()
const [first, second] = [new Device(base, 'head@larkholm.example'), new Device(base, 'coach@larkholm.example')]
await Promise.all([first.signIn(), second.signIn()])

// One round without a fault says how long a journey takes, so that faults fall inside it.
const calmFrom = Date.now()
await journey(first, second, new Luck(seed))
const calmMs = Date.now() - calmFrom
console.log(`a calm journey takes ${calmMs} ms`)

const total: Account = { writes: 0, lost: 0, doubled: 0, contradicted: 0, half: 0, details: [] }
const by = Object.fromEntries(FAULTS.map(fault => [fault, 0])) as Record<Fault, number>
let repeated = 0
let checkedTo = { first: first.told.length, second: second.told.length }
for (let round = 0; round < rounds; round++) {
  const luck = new Luck(seed * 7919 + round)
  const fault = FAULTS[round % FAULTS.length]!
  by[fault] += 1
  const [id] = await Promise.all([
    journey(first, second, luck),
    sleep(luck.below(calmMs)).then(() => parts[fault](luck)),
  ])
  const told = [...first.told.slice(checkedTo.first), ...second.told.slice(checkedTo.second)]
  checkedTo = { first: first.told.length, second: second.told.length }
  repeated += told.filter(t => t.tries > 1).length
  const found = await parts.owner(client => account(client, id, told))
  for (const key of ['writes', 'lost', 'doubled', 'contradicted', 'half'] as const) total[key] += found[key]
  total.details.push(...found.details.map(text => `round ${round} (${fault}): ${text}`))
  if ((round + 1) % 25 === 0)
    console.log(`${round + 1} rounds, ${total.writes} writes, ${total.details.length} findings`)
}
await parts.stop()

const unanswered = first.unanswered + second.unanswered
for (const text of total.details.slice(0, 20)) console.log(text)
console.log(`seed ${seed}, ${rounds} rounds: ${Object.entries(by).map(([fault, n]) => `${fault} ${n}`).join(', ')}`)
console.log(
  `${total.writes} writes told, ${repeated} of them repeated, ${
    first.waits + second.waits
  } waits, unanswered ${unanswered}`,
)
console.log(
  `lost ${total.lost}, doubled ${total.doubled}, contradicted ${total.contradicted}, half-written ${total.half}`,
)
process.exit(total.lost + total.doubled + total.contradicted + total.half + unanswered === 0 ? 0 : 1)
