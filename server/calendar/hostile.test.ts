import { join } from 'node:path'
import fc from 'fast-check'
import { afterAll, describe, expect, it } from 'vitest'
import { calendarPool, readInThread } from './inThread'
import { readText } from './readText'
import type { ReadCalendar } from './readEvent'

const TODAY = '2026-03-02'
/** Generated calendars; CALENDARS=10000 for a long run. */
const RUNS = Number(process.env.CALENDARS ?? 120)
/** Of one of them, a few of which are ended only after their five seconds. */
const PATIENCE_MS = 500
const pool = calendarPool(join(import.meta.dirname, '../testing/calendarThread.mjs'), 4000)
afterAll(() => pool.close())

const event = (lines: readonly string[], uid = 'u'): string =>
  ['BEGIN:VEVENT', `UID:${uid}`, 'SUMMARY:Training', 'DTSTART:20260302T180000', ...lines, 'END:VEVENT'].join('\r\n')
const calendar = (...events: string[]): string =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', ...events, 'END:VCALENDAR', ''].join('\r\n')
const here = (text: string): ReadCalendar => readText({ text, zone: 'Atlantic/Faroe', today: TODAY })
const inThread = (text: string): Promise<ReadCalendar> =>
  readInThread({ text, zone: 'Atlantic/Faroe', today: TODAY }, pool)

describe('a calendar of bad intent', () => {
  it.each([
    ['a day that is none', 'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=30', 'repeats on a day that no month has'],
    ['every second', 'FREQ=SECONDLY', 'repeats secondly: only days, weeks, months and years are read'],
    ['every minute of a month', 'FREQ=MINUTELY;BYMONTH=2', 'repeats minutely'],
    ['every hour', 'FREQ=HOURLY;INTERVAL=1', 'repeats hourly'],
  ])('that repeats %s is refused in words, the rest of it read', (_, rule, words) => {
    const { events, problems } = here(calendar(event([`RRULE:${rule}`]), event([], 'v')))
    expect([events.length, problems.length]).toEqual([1, 1])
    expect(problems[0]).toContain(words)
  })

  it('with thousands of exceptions is refused; with thousands of moved days it ends soon', () => {
    const days = Array.from({ length: 3000 }, (_, i) => `EXDATE:2026${String(i % 12 + 1).padStart(2, '0')}01T180000`)
    expect(here(calendar(event(['RRULE:FREQ=DAILY', ...days]))).problems[0]).toContain('3000 exceptions')
    const moved = Array.from({ length: 1500 }, (_, i) =>
      event(['RRULE:FREQ=WEEKLY;COUNT=2'], `u${i}`) + '\r\n' + event(['RECURRENCE-ID:20260302T180000'], `u${i}`))
    const { events, problems } = here(calendar(...moved))
    expect(events).toHaveLength(2000)
    expect(problems).toEqual(['Only the first 2000 of its 3000 events are read.'])
  })

  it('moves only what is of its own name', () => {
    const { events } = here(calendar(
      event(['RRULE:FREQ=WEEKLY;COUNT=2'], 'a'), event(['RRULE:FREQ=WEEKLY;COUNT=2'], 'b'),
      event(['RECURRENCE-ID:20260302T180000', 'LOCATION:elsewhere'], 'a').replace('Training', 'Moved'),
    ))
    expect(events.map(({ uid, name }) => `${uid} ${name}`)).toEqual([
      'a/2026-03-02 Moved', 'a/2026-03-09 Training', 'b/2026-03-02 Training', 'b/2026-03-09 Training',
    ])
  })

  it('whose rule is looked for in vain for ever costs a thread, not the server, and is told in words', async () => {
    const good = calendar(event([]))
    // A busy machine takes longer to start threads than a calendar may take to be read.
    const warm = (): Promise<unknown> => inThread(good).catch(warm)
    await Promise.all([warm(), warm()])
    const endless = inThread(calendar(event(['RRULE:FREQ=WEEKLY;BYWEEKNO=-23'])))
    await expect(inThread(good)).resolves.toMatchObject({ problems: [] })
    await expect(endless).rejects.toMatchObject({
      code: 'badInput', fields: { text: expect.stringContaining('takes too long to read') },
    })
    await expect(inThread(good)).resolves.toMatchObject({ events: [{ name: 'Training' }] })
  })

  it(`of ${RUNS} generated ones each is read or refused, and nothing else happens`, async () => {
    const numbers = (from: number, to: number): fc.Arbitrary<string> =>
      fc.array(fc.integer({ min: from, max: to }), { minLength: 1, maxLength: 4 }).map(all => all.join())
    const part = fc.oneof(
      fc.constantFrom('COUNT=3', 'COUNT=100000', 'UNTIL=20270101T000000Z', 'UNTIL=19700101', 'WKST=SU', 'INTERVAL=0'),
      numbers(1, 999).map(n => `INTERVAL=${n.split(',')[0]}`), numbers(-1, 13).map(n => `BYMONTH=${n}`),
      numbers(-32, 32).map(n => `BYMONTHDAY=${n}`), numbers(-366, 367).map(n => `BYYEARDAY=${n}`),
      numbers(-54, 54).map(n => `BYWEEKNO=${n}`), numbers(-366, 366).map(n => `BYSETPOS=${n}`),
      numbers(0, 25).map(n => `BYHOUR=${n}`), fc.constantFrom('BYDAY=MO', 'BYDAY=5SU', 'BYDAY=-53FR', 'BYDAY=XX'),
    )
    const rule = fc.tuple(
      fc.constantFrom('DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY', 'SECONDLY', 'HOURLY', ''),
      fc.array(part, { maxLength: 4 }),
    ).map(([freq, parts]) => `RRULE:${[`FREQ=${freq}`, ...parts].join(';')}`)
    const line = fc.oneof(
      { weight: 4, arbitrary: rule },
      { weight: 1, arbitrary: fc.constantFrom(
        'DTEND:20260301T180000', 'DURATION:P9999D', 'EXDATE:20260309T180000', 'RDATE:20260310T180000,nonsense',
        'RECURRENCE-ID:20260302T180000', 'DTSTART;VALUE=DATE:20260302', 'DTSTART;TZID=Nowhere/Land:20260302T180000',
        'PRIORITY:ninety', 'BEGIN:VEVENT', 'END:VCALENDAR', 'SUMMARY;LANGUAGE="de:x', '\u0000',
      ) },
    )
    const text = fc.array(fc.array(line, { maxLength: 3 }), { minLength: 1, maxLength: 4 })
      .map(all => calendar(...all.map((lines, i) => event(lines, `u${i % 2}`))))
    const waiting = fc.sample(text, { numRuns: RUNS, seed: 1202 })
    const refused: { code?: string }[] = []
    await Promise.all([0, 1].map(async () => {
      for (let next = waiting.pop(); next !== undefined; next = waiting.pop())
        await inThread(next).catch((error: { code?: string }) => { refused.push(error) })
    }))
    expect(refused.filter(({ code }) => code !== 'badInput')).toEqual([])
    // Most of what nobody writes is read all the same.
    expect(refused.length).toBeLessThan(RUNS / 10)
  }, 60_000 + RUNS * PATIENCE_MS)
})
