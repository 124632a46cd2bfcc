import ICAL from 'ical.js'
import { sync as nodeIcal, type VEvent } from 'node-ical'
import { describe, expect, it } from 'vitest'
import type { StoredEntry } from '~~/shared/types'
import { matchEntries, type OutEvent, type ReadCalendar } from '.'
import { readCalendar } from './readCalendar'
import { readCsv } from './readCsv'
import { writeCalendar } from './writeCalendar'

const event = (over: Partial<OutEvent> = {}): OutEvent => ({
  uid: 'a@keen-anchor', sequence: 0, changedAt: '2026-03-01T08:00:00.000Z', name: 'Harbour Cup', day: '2026-03-14',
  lastDay: '2026-03-14', startsAt: '09:30', minutes: 120, timeZone: 'Europe/London',
  description: 'Competition, importance B.', cancelled: false, priority: 5, busy: true, ...over,
})
/** What a second package, which wrote nothing of the file, reads in it. */
const events = (text: string): VEvent[] =>
  Object.values(nodeIcal.parseICS(text)).filter((one): one is VEvent => one?.type === 'VEVENT')
const only = (over: Partial<OutEvent>): VEvent => events(writeCalendar('Test', [event(over)]))[0]!

describe('a calendar that goes out, read by two other packages', () => {
  it.each([
    [
      'before the clocks go forward in London (29 March 2026)', '2026-03-28', '09:30', 'Europe/London',
      '2026-03-28T09:30:00.000Z',
    ],
    ['after it', '2026-03-30', '09:30', 'Europe/London', '2026-03-30T08:30:00.000Z'],
    ['in the hour that London leaves out', '2026-03-29', '01:30', 'Europe/London', '2026-03-29T01:30:00.000Z'],
    [
      'after the clocks go back in London (25 October 2026)', '2026-10-26', '09:30', 'Europe/London',
      '2026-10-26T09:30:00.000Z',
    ],
    [
      'where the clocks changed three weeks earlier, St John’s', '2026-03-14', '18:20', 'America/St_Johns',
      '2026-03-14T20:50:00.000Z',
    ],
    [
      'south of the equator, the day before in the north', '2026-03-14', '08:00', 'Pacific/Auckland',
      '2026-03-13T19:00:00.000Z',
    ],
    ['where no clock ever changes', '2026-07-01', '08:00', 'Asia/Tokyo', '2026-06-30T23:00:00.000Z'],
  ])('%s is the right moment of the world', (_, day, startsAt, timeZone, moment) => {
    const text = writeCalendar('Test', [event({ day, lastDay: day, startsAt, timeZone })])
    expect(events(text)[0]!.start.toISOString()).toBe(moment)
    // The zone's rules stand in the file: they alone lead to the same moment.
    const root = new ICAL.Component(ICAL.parse(text) as unknown[])
    expect(new ICAL.Event(root.getFirstSubcomponent('vevent')!).startDate.toJSDate().toISOString()).toBe(moment)
    expect(text).toContain(`TZID:${timeZone}`)
  })

  it('keeps its name and rises in sequence when it changes', () => {
    const [before, after] = [only({}), only({ sequence: 3, day: '2026-03-22', lastDay: '2026-03-22' })]
    expect([before.uid, after.uid, Number(before.sequence), Number(after.sequence)]).toEqual([
      'a@keen-anchor', 'a@keen-anchor', 0, 3,
    ])
  })

  it('says a day as a day, its end the day after the last', () => {
    const text = writeCalendar('Test', [event({ startsAt: null, minutes: null, lastDay: '2026-03-16' })])
    expect(text).toContain('DTSTART;VALUE=DATE:20260314')
    expect(text).toContain('DTEND;VALUE=DATE:20260317')
    expect((only({ startsAt: null, minutes: null }).start as Date & { dateOnly?: boolean }).dateOnly).toBe(true)
  })

  it('calls off what is called off', () => {
    expect(only({ cancelled: true }).status).toBe('CANCELLED')
  })

  it('is written as RFC 5545 asks: lines of at most 75 octets, ended by CRLF, text escaped', () => {
    const name = 'Å; an evening, with a very long name that does not fit into a single line of the file at all\\'
    const text = writeCalendar('Test', [event({ name })])
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/)
    expect(events(text)[0]!.summary).toBe(name)
  })
})

const file = (body: string, head = 'X-WR-CALNAME:Federation'): string =>
  `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Elsewhere//EN\r\n${head}\r\n${body}\r\nEND:VCALENDAR\r\n`
const vevent = (lines: string): string => `BEGIN:VEVENT\r\n${lines}\r\nEND:VEVENT`
const read = (body: string): ReadCalendar => readCalendar(file(body), 'Europe/London', '2026-03-01')

describe('a calendar that comes in', () => {
  it('keeps the clock of a named zone, and tells a moment of the world by ours', () => {
    const { events: found, source } = read([
      vevent(
        'UID:1\r\nSUMMARY:Cup\r\nDTSTART;TZID=America/St_Johns:20260314T182000'
        + '\r\nDTEND;TZID=America/St_Johns:20260314T202000\r\nPRIORITY:1',
      ),
      vevent('UID:2\r\nSUMMARY:Evening\r\nDTSTART:20260330T170000Z\r\nDURATION:PT90M'),
      vevent('UID:3\r\nSUMMARY:Floating\r\nDTSTART:20260401T100000'),
    ].join('\r\n'))
    expect(source).toBe('Federation')
    expect(found.map(e => [e.name, e.day, e.startsAt, e.timeZone, e.minutes, e.importance])).toEqual([
      ['Cup', '2026-03-14', '18:20', 'America/St_Johns', 120, 'A'],
      ['Evening', '2026-03-30', '18:00', 'Europe/London', 90, null],
      ['Floating', '2026-04-01', '10:00', 'Europe/London', null, null],
    ])
  })

  it('takes a day that ends on the day after as one day', () => {
    expect(read(vevent('UID:1\r\nSUMMARY:Cup\r\nDTSTART;VALUE=DATE:20260314\r\nDTEND;VALUE=DATE:20260316')).events[0])
      .toMatchObject({ day: '2026-03-14', lastDay: '2026-03-15', startsAt: null })
  })

  it('takes repeats one by one over the change of the clocks, without those left out, with the moved one', () => {
    const { events: found } = read([
      vevent(
        'UID:1\r\nSUMMARY:Evening\r\nDTSTART;TZID=Europe/London:20260317T180000'
        + '\r\nDTEND;TZID=Europe/London:20260317T193000\r\nRRULE:FREQ=WEEKLY;COUNT=4'
        + '\r\nEXDATE;TZID=Europe/London:20260324T180000',
      ),
      vevent(
        'UID:1\r\nRECURRENCE-ID;TZID=Europe/London:20260331T180000\r\nSUMMARY:Evening, '
        + 'early\r\nDTSTART;TZID=Europe/London:20260331T160000\r\nDTEND;TZID=Europe/London:20260331T173000',
      ),
    ].join('\r\n'))
    expect(found.map(e => [e.uid, e.name, e.day, e.startsAt])).toEqual([
      ['1/2026-03-17', 'Evening', '2026-03-17', '18:00'], ['1/2026-03-31', 'Evening, early', '2026-03-31', '16:00'],
      ['1/2026-04-07', 'Evening', '2026-04-07', '18:00'],
    ])
  })

  it('ends with a rule that never does', () => {
    expect(read(vevent('UID:1\r\nSUMMARY:Tick\r\nDTSTART:20260304T100000Z\r\nRRULE:FREQ=SECONDLY')).events.length)
      .toBeLessThanOrEqual(120)
  })

  it.each([['nothing at all', ''], ['half a file', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:1'], [
    'a page of the web', '<html>BEGIN:VCALENDAR</html>',
  ]])('says what is wrong with %s', (_, text) => {
    const { events: found, problems } = readCalendar(text, 'Europe/London', '2026-03-01')
    expect([found, problems.length > 0]).toEqual([[], true])
  })

  it('reads several calendars of one file', () => {
    const text = file(vevent('UID:1\r\nSUMMARY:Cup\r\nDTSTART;VALUE=DATE:20260314'))
      + file(vevent('UID:2\r\nSUMMARY:Open\r\nDTSTART;VALUE=DATE:20260404'))
    expect(readCalendar(text, 'Europe/London', '2026-03-01').events.map(e => e.name)).toEqual(['Cup', 'Open'])
  })

  it('reads what it wrote', () => {
    const written = [
      event({}),
      event({
        uid: 'b@keen-anchor', name: 'Floor closed', startsAt: null, minutes: null, lastDay: '2026-03-16', priority: 0,
      }),
    ]
    const { events: found } = readCalendar(writeCalendar('Own', written), 'Atlantic/Faroe', '2026-03-01')
    expect(found.map(e => [e.uid, e.day, e.lastDay, e.startsAt, e.timeZone, e.importance])).toEqual([
      ['a@keen-anchor', '2026-03-14', '2026-03-14', '09:30', 'Europe/London', 'B'],
      ['b@keen-anchor', '2026-03-14', '2026-03-16', null, null, null],
    ])
  })

  it('reads CSV, and tells the rows it cannot use', () => {
    const { events: found, problems } = readCsv(
      'name,day,kind,startsAt,importance\nCup,2026-03-14,competition,09:30,A\nOdd,2026-02-30,,,'
      + '\nLate,2026-03-15,,25:00,\n,2026-03-16,,,',
    )
    expect(found.map(e => [e.name, e.day, e.kind, e.startsAt, e.importance])).toEqual([[
      'Cup', '2026-03-14', 'competition', '09:30', 'A',
    ]])
    expect(problems).toEqual([
      'Row 3: "2026-02-30" is not a day such as 2026-03-14.', 'Row 4: "25:00" is not a time such as 09:30.',
      'Row 5: the name is missing.',
    ])
    expect(readCsv('a;b\n1;2').problems[0]).toContain('name and day are missing')
  })
})

describe('what came in before is known again', () => {
  const group = 'g'
  let keys = 0
  const missing = {
    groupId: group, kind: 'competition' as const, timeZone: 'Europe/London', newKey: () => `k${++keys}`,
    today: '2026-03-01',
  }
  const asStored = (found: ReturnType<typeof matchEntries>): StoredEntry[] =>
    found.found.filter(f => f.state !== 'gone').map(f => ({
      ...f.entry, sequence: 0, cancelled: false, changedAt: '2026-03-01T00:00:00.000Z',
    }))
  const cup = (day: string, more = ''): string =>
    vevent(
      `UID:cup\r\nSUMMARY:Cup\r\nDTSTART;TZID=Europe/London:${day}T093000\r\n`
      + `DTEND;TZID=Europe/London:${day}T113000${more}`,
    )
  const open = vevent('UID:open\r\nSUMMARY:Open\r\nDTSTART;VALUE=DATE:20260404')
  const states = (found: ReturnType<typeof matchEntries>): string[] =>
    found.found.map(f => `${f.entry.name} ${f.state}`)

  it('twice the same file changes nothing', () => {
    const first = matchEntries(read(`${cup('20260314')}\r\n${open}`), [], missing)
    expect(states(first)).toEqual(['Cup new', 'Open new'])
    expect(states(matchEntries(read(`${cup('20260314')}\r\n${open}`), asStored(first), missing))).toEqual([
      'Cup same', 'Open same',
    ])
  })

  it('moved, it is the same thing with the coach’s importance; left out, it is gone', () => {
    const stored = asStored(matchEntries(read(`${cup('20260314')}\r\n${open}`), [], missing)).map(e => ({
      ...e, importance: 'A' as const, travelBefore: 2,
    }))
    const again = matchEntries(read(cup('20260322')), stored, missing)
    expect(states(again)).toEqual(['Cup changed', 'Open gone'])
    expect(again.found[0]!.entry).toMatchObject({
      id: stored[0]!.id, day: '2026-03-22', importance: 'A', travelBefore: 2,
    })
  })

  it('called off there, it is called off here', () => {
    const stored = asStored(matchEntries(read(cup('20260314')), [], missing))
    expect(states(matchEntries(read(cup('20260314', '\r\nSTATUS:CANCELLED')), stored, missing))).toEqual(['Cup gone'])
  })

  it('typed in by hand before, it is taken for the same and not doubled', () => {
    const typed = asStored(matchEntries(readCsv('name,day\nCup,2026-03-14'), [], missing))
    const found = matchEntries(read(cup('20260314')), typed, missing)
    expect([states(found), found.found[0]!.entry.id]).toEqual([['Cup changed'], typed[0]!.id])
  })

  it('another calendar’s events are not gone because this one does not hold them', () => {
    const stored = asStored(matchEntries(read(cup('20260314')), [], missing))
    const other = readCalendar(file(open, 'X-WR-CALNAME:Hall'), 'Europe/London', '2026-03-01')
    expect(states(matchEntries(other, stored, missing))).toEqual(['Open new'])
  })
})
