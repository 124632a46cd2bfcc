// A simulated federation: serves a competition calendar and a practice calendar over HTTP on loopback. Every date
// follows the clock. PORT says where to listen. GET /competitions.ics?moved=1 has the first competition eight days
// later, as federations do; GET /competitions.ics?short=1 leaves the last one out.
import { createServer } from 'node:http'
import ical, { ICalEventRepeatingFreq } from 'ical-generator'
import { DateTime } from 'luxon'
import { tzlib_get_ical_block } from 'timezones-ical-library'

const ZONE = 'Atlantic/Faroe'

/** A Saturday so many weeks ahead. */
const saturday = weeks => DateTime.now().setZone(ZONE).startOf('week').plus({ weeks, days: 5 })

function competitions({ moved, short }) {
  const calendar = ical({ name: 'Outer Isles Federation, competitions' })
  calendar.timezone({ name: null, generator: zone => tzlib_get_ical_block(zone)[0] ?? null })
  const add = (id, sequence, summary, day, hours, priority) => {
    const start = day.set({ hour: 9, minute: 30, second: 0, millisecond: 0 })
    calendar.createEvent({
      id: `${id}@outer-isles.example`, sequence, summary, start, end: start.plus({ hours }), timezone: ZONE,
      stamp: day.startOf('day'),
    }).priority(priority)
  }
  add('spring-cup', moved ? 1 : 0, 'Outer Isles Cup', saturday(8).plus({ days: moved ? 8 : 0 }), 7, 5)
  add('open', 0, 'Outer Isles Open', saturday(15), 8, 9)
  if (!short) add('relay', 0, 'Outer Isles Relay Day', saturday(19), 5, 9)
  return calendar.toString()
}

function practices() {
  const calendar = ical({ name: 'Outer Isles Hall, evenings' })
  calendar.timezone({ name: null, generator: zone => tzlib_get_ical_block(zone)[0] ?? null })
  const start = DateTime.now().setZone(ZONE).startOf('week').plus({ days: 1 }).set({ hour: 18 })
  calendar.createEvent({
    id: 'evening@outer-isles.example', summary: 'Hall evening', start, end: start.plus({ minutes: 90 }), timezone: ZONE,
    stamp: start.startOf('day'),
    repeating: { freq: ICalEventRepeatingFreq.WEEKLY, count: 12, exclude: [start.plus({ weeks: 3 })] },
  })
  return calendar.toString()
}

createServer((request, response) => {
  const url = new URL(request.url, 'http://127.0.0.1')
  const text = url.pathname === '/competitions.ics'
    ? competitions({ moved: url.searchParams.has('moved'), short: url.searchParams.has('short') })
    : url.pathname === '/practices.ics' ? practices() : null
  response.writeHead(text ? 200 : 404, { 'content-type': 'text/calendar; charset=utf-8' })
  response.end(text ?? 'There is no such calendar.')
}).listen(Number(process.env.PORT ?? 7090), '127.0.0.1')
