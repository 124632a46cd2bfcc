import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { answerOf } from './commands'

const root = new URL('..', import.meta.url).pathname
const run = (command: string, input: string) =>
  spawnSync(process.execPath, ['scripts/engine.mjs', command], { cwd: root, input, encoding: 'utf8' })

const page = readFileSync(`${root}docs/engine.md`, 'utf8')
const examples = [...page.matchAll(/```sh\necho '(.+)' \| npm run -s engine -- ([\w-]+)\n```\n```json\n(.+)\n```/g)]
  .map(([, input, command, output]) => ({ command: command!, input: input!, output: output! }))

describe('the engine from the command line', () => {
  it('has an example of every command that takes input', () => {
    expect(examples.map(e => e.command)).toEqual([
      'moments', 'reactions', 'band', 'dose', 'catalogue', 'assess', 'brace', 'admissible', 'capacity',
      'effort', 'propose', 'decide', 'review', 'week', 'evaluate', 'season', 'repair',
      'timetable', 'timetable-repair',
    ])
  })

  it.each(examples)('answers the example of $command as the page says', ({ command, input, output }) => {
    const { stdout, status, stderr } = run(command, input)
    expect([status, stderr]).toEqual([0, ''])
    expect(JSON.parse(stdout)).toEqual(JSON.parse(output))
  })

  it('lists among all variations the one on the page, as it is there', () => {
    const shown = /```sh\nnpm run -s engine -- variations\n```\n\nAmong them:\n\n```json\n(.+)\n```/.exec(page)![1]!
    const all = JSON.parse(run('variations', '').stdout) as { id: string }[]
    const one = JSON.parse(shown) as { id: string }
    expect(all.find(v => v.id === one.id)).toEqual(one)
  })

  it('lists every variation with its settings, units and defaults', () => {
    const all = JSON.parse(run('variations', '').stdout) as {
      id: string
      pose: string | null
      settings?: { name: string, unit: string, default: number }[]
    }[]
    expect(all.length).toBeGreaterThan(70)
    expect(all.find(v => v.id === 'front-plank.long-lever')!.settings).toContainEqual(
      expect.objectContaining({ name: 'elbowReachCm', unit: 'cm', default: 20 }),
    )
    for (const v of all) expect(v.pose === null || v.settings!.length > 0, v.id).toBe(true)
  })

  it('writes the catalogue as a file and as a table, with own drills where they are sound', () => {
    const file = JSON.parse(run('catalogue', '{}').stdout) as { variations: { id: string }[] }
    const table = run('catalogue', '{"format":"csv"}').stdout
    expect(file.variations.length).toBeGreaterThanOrEqual(170)
    expect(table.split('\r\n')[0]).toContain('id,name,ladder')
    const drill = {
      ...file.variations.find(v => v.id === 'side-plank.feet')!,
      id: 'side-plank.own-mat', name: 'Side plank on a mat',
    }
    const own = { ladders: [], variations: [drill] }
    expect(JSON.parse(run('catalogue', JSON.stringify({ own })).stdout)).toMatchObject({
      variations: expect.arrayContaining([expect.objectContaining({ id: drill.id })]),
    })
    const wrong = run(
      'catalogue',
      JSON.stringify({ own: { ladders: [], variations: [{ ...drill, shares: { rotation: 0.5 } }] } }),
    )
    expect([wrong.status, (JSON.parse(wrong.stderr) as { field: string }).field]).toEqual([
      2, 'own.side-plank.own-mat.shares',
    ])
  })

  it('gives all moments as a table', () => {
    const lines = run('moments', '{"sex":"female","heightM":1.68,"massKg":62,"variation":"all"}').stdout.trim().split(
      '\r\n',
    )
    expect(lines.length).toBeGreaterThan(60)
    for (const line of lines) expect(line.split(',')).toHaveLength(9)
  })

  it.each([
    ['moments', '{"sex":"male","heightM":3,"massKg":80,"variation":"front-plank.elbows"}', 'heightM'],
    [
      'moments',
      '{"sex":"male","heightM":1.8,"massKg":80,"variation":"front-plank.elbows","settings":{"loadKg":-2}}',
      'loadKg',
    ],
    ['moments', '{"sex":"male","heightM":1.8,"massKg":80,"variation":"nothing"}', 'variation'],
    ['moments', '{"sex":"male","heightM":1.8,"massKg":80,"variation":"brace.low-breath"}', 'variation'],
    [
      'moments',
      '{"sex":"male","heightM":1.8,"massKg":80,"variation":"rollout.wheel-to-wall","settings":{"distanceCm":0}}',
      'distanceCm',
    ],
    ['reactions', '{"contacts":[],"loadN":100,"at":[0,0]}', 'contacts'],
    [
      'band',
      '{"slackM":1,"readings":[{"lengthM":1.5,"forceN":-50},{"lengthM":2.5,"forceN":100}],"lengthM":2}',
      'forceN',
    ],
    ['dose', '{"dose":{"sets":0,"amount":10,"unit":"seconds"}}', 'sets'],
    ['catalogue', '{"variation":"no.such"}', 'variation'], ['catalogue', '{"format":"xml"}', 'format'],
    ['assess', '{"sex":"male","ageYears":-3,"trials":[]}', 'ageYears'],
    ['assess', '{"sex":"male","trials":{}}', 'trials'],
    ['assess', '{"sex":"male","trials":[{"test":"plank","side":"left","value":3}]}', 'trials.0.side'],
    ['assess', '{"sex":"male","trials":[{"test":"plank","value":-3}]}', 'trials.0.value'],
    ['assess', '{"sex":"male","trials":[],"repeats":{"plank":[["x"]]}}', 'repeats.plank'],
    ['brace', '{"lift":"backSquat","percent1Rm":0}', 'percent1Rm'],
    ['brace', '{"lift":"backSquat","percent1Rm":80,"tempo":"slow"}', 'tempo'],
    ['brace', '{"lift":"juggling","percent1Rm":80}', 'lift'],
    ['brace', '{"lift":"backSquat","percent1Rm":80,"heightM":9}', 'heightM'],
    ['admissible', '{"flags":["sore"]}', 'flags'], ['admissible', '{"rungs":{"nowhere":2}}', 'rungs.nowhere'],
    ['admissible', '{"braceStep":9}', 'braceStep'], ['dose', 'not json', 'input'], ['nothing', '{}', 'command'],
    ['week', '{"bands":{},"sessions":[{"id":"a","day":9}],"variations":[]}', 'sessions.0.day'],
    ['week', '{"bands":{"AE":{"low":9,"high":3}},"sessions":[],"variations":[]}', 'bands.AE'],
    [
      'week',
      '{"bands":{},"sessions":[],"variations":[{"id":"v","sets":[1],"perSet":{"seconds":-5,"demand":{}}}]}',
      'variations.0.doses.0.seconds',
    ],
    [
      'week',
      '{"bands":{},"sessions":[],"variations":[{"id":"v","sets":[1],"perSet":{"seconds":5,"demand":{"AE":1.5}}}]}',
      'variations.0.doses.0.demand.AE',
    ],
    ['week', '{"bands":{},"sessions":[],"variations":[],"limit":{}}', 'limit'],
    ['week', '{"actions":["AE"],"bands":{"AL":{"low":1,"high":2}},"sessions":[],"variations":[]}', 'bands.AL'],
    [
      'week',
      '{"bands":{},"sessions":[],"variations":[],'
      + '"locks":{"keep":[{"variation":"x","session":"y","slot":"z","sets":1}]}}',
      'locks.keep.0.variation',
    ],
    ['season', '{"weeks":0,"phases":[{"id":"a","least":1,"most":2,"volume":9}]}', 'weeks'],
    ['season', '{"weeks":2,"startsOn":"2026-03-03","phases":[]}', 'startsOn'],
    ['season', '{"weeks":2,"phases":[{"id":"a","least":3,"most":2,"volume":9}]}', 'phases.0.least'],
    [
      'season',
      '{"weeks":2,"phases":[{"id":"a","least":1,"most":2,"volume":9}],"competitions":[{"day":"2026-03-05"}]}',
      'competitions.0.day',
    ],
    ['season', '{"weeks":2,"phases":[{"id":"a","least":1,"most":2,"volume":9}],"race":[]}', 'race'],
    [
      'repair',
      '{"season":{"weeks":1,"phases":[{"id":"a","least":1,"most":2,"volume":9}]},"plan":{"days":[0]}}',
      'plan.days',
    ],
    [
      'repair',
      '{"season":{"weeks":1,"phases":[{"id":"a","least":1,"most":2,"volume":9}]},"plan":{"days":[0,0,0,0,0,0,9]}}',
      'plan.days.6',
    ],
    [
      'repair',
      '{"season":{"weeks":1,"phases":[{"id":"a","least":1,"most":2,"volume":9}]},"plan":{"days":[0,0,0,0,0,0,0]},'
      + '"change":{"kind":"cancelCompetition","day":3}}',
      'change.day',
    ],
    ['evaluate', '{"instance":{"bands":{},"sessions":[],"variations":[]}}', 'plan'],
  ])('%s refuses %s and names %s', async (command, input, field) => {
    await expect(answerOf(command, () => input)).rejects.toMatchObject({ name: 'DomainError', field })
  })

  it('writes a refusal to standard error and ends with 2', () => {
    const { stdout, stderr, status } = run('dose', 'not json')
    expect([stdout, status, JSON.parse(stderr)]).toEqual(['', 2, {
      field: 'input', message: 'Standard input is not JSON.',
    }])
  })
})
