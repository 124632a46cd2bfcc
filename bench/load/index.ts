import pg from 'pg'
import { argument } from '../../hardening/random'
import { signedInAs, type Visitor } from '../../hardening/signedInAs'
import { addSquadCoach } from './squadCoach'
import { ask, evening, said, type Answers } from './evening'
import { fill } from './fill'

const { LOAD_BASES, LOAD_DATABASE_URL, LOAD_PASSWORD } = process.env
if (!LOAD_BASES || !LOAD_DATABASE_URL || !LOAD_PASSWORD) throw new Error('Run this through: npm run load')
const bases = LOAD_BASES.split(' ')

const size = { athletes: argument('athletes', 200), weeks: argument('weeks', 12) }
const people = argument('people', 50)
const minutes = argument('minutes', 1)
const ALONE_TIMES = 7

const owner = new pg.Client({ connectionString: LOAD_DATABASE_URL })
await owner.connect()
const from = performance.now()
await fill(owner, size)
const { rows: [there] } = await owner.query<{ athletes: number, sets: number }>(
  'select (select count(*)::int from athlete) as athletes, (select count(*)::int from set_log) as sets')
const tookS = ((performance.now() - from) / 1000).toFixed(0)
console.log(`${there!.athletes} athletes, ${there!.sets} sets, filled in ${tookS} s`)

const squadCoach = await addSquadCoach(owner)
const clones = Array.from({ length: Math.max(1, people) }, (_, i) => `clone-${i + 1}@larkholm.example`)
const [head, squad, ...athletes] = await signedInAs(
  owner, ['head@larkholm.example', squadCoach, ...clones], LOAD_PASSWORD) as [Visitor, Visitor, ...Visitor[]]

// One after the other, with nobody else there.
const alone: Answers = { times: new Map(), failed: new Map(), stored: [] }
const rooms = [
  ['roster', '/api/athletes'], ['day', '/api/day'], ['seasons', '/api/seasons'], ['trials', '/api/trials'],
] as const
for (let i = 0; i < ALONE_TIMES; i++) {
  for (const [name, path] of rooms) {
    for (const [who, visitor] of [['head coach', head], ['coach of 25', squad]] as const)
      await ask(alone, bases[0]!, visitor, `${name}, ${who}`, path)
  }
}
for (const line of said(alone)) console.log(`alone: ${line}`)

if (people > 0 && minutes > 0) {
  const coaches = Array.from({ length: Math.ceil(people / 10) }, (_, i) => (i % 2 === 0 ? head : squad))
  const crowd = [...coaches, ...athletes].slice(0, people)
  const answers = await evening(bases, crowd, minutes, 30_000)
  for (const line of said(answers)) console.log(`${people} people, ${minutes} min: ${line}`)
  const { rows: [found] } = await owner.query<{ there: number }>(
    `select count(*)::int as there from jsonb_to_recordset($1::jsonb) as t (item uuid, day date, set int, side text)
      where exists (select from set_log l where l.prescribed_item_id = t.item and l.day = t.day
        and l.set_number = t.set and l.side is not distinct from t.side)`, [JSON.stringify(answers.stored)])
  console.log(`sets told stored ${answers.stored.length}, there ${found!.there}`)
}
await owner.end()
