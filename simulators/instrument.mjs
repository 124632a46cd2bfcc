// A simulated instrument: `node simulators/instrument.mjs KIND`, KIND being gauge, cuff or button. It listens on
// loopback at PORT and speaks the line protocol of docs/instruments.md, as a real one behind a serial bridge would. It
// can be told to fail.
import { createServer } from 'node:net'
import { button } from './signals/button.mjs'
import { cuff } from './signals/cuff.mjs'
import { gauge } from './signals/gauge.mjs'
import { whiteNoise } from './signals/noise.mjs'

const SIGNALS = { gauge, cuff, button }
const signal = SIGNALS[process.argv[2]]?.()
if (!signal) {
  process.stderr.write(`Which instrument? One of: ${Object.keys(SIGNALS).join(', ')}\n`)
  process.exit(2)
}
const startedAt = performance.now()
const nowMs = () => Math.round(performance.now() - startedAt)
const FAULTS = ['none', 'dropout', 'noise', 'jump', 'delay']
const noise = whiteNoise(11)
let fault = 'none'
let zero = 0
let seq = 0

/** A sample as the fault leaves it: nothing, or a line with how late it is sent. */
function faulty(value) {
  const n = seq++
  if (fault === 'dropout' && n % 40 < 16) return null
  const off = fault === 'noise'
    ? noise() * signal.noiseAtFault
    : fault === 'jump' && n % 100 >= 50
    ? signal.jumpAtFault
    : 0
  return {
    line: `S ${n} ${nowMs()} ${(value - zero + off).toFixed(2)}`,
    lateMs: fault === 'delay' ? 300 + 700 * ((n % 20) / 20) : 0,
  }
}

const server = createServer((socket) => {
  let measuring = false
  const say = (line) => { if (!socket.destroyed) socket.write(`${line}\n`) }
  const timer = signal.hz > 0 && setInterval(() => {
    if (!measuring) return
    const sample = faulty(signal.valueAt(nowMs() / 1000))
    if (!sample) return
    if (sample.lateMs > 0) setTimeout(() => say(sample.line), sample.lateMs)
    else say(sample.line)
  }, 1000 / signal.hz)
  const press = () => { if (measuring) say(`B ${seq++} ${nowMs()}`) }
  signal.onPress?.(press)

  const COMMANDS = {
    START: () => { measuring = true },
    STOP: () => { measuring = false },
    ZERO: () => { zero = signal.hz > 0 ? signal.valueAt(nowMs() / 1000) : 0 },
  }
  const simulate = ([what, ...rest]) => {
    if (what === 'FAULT' && FAULTS.includes(rest[0])) fault = rest[0]
    else if (what === 'ACT' && rest.length === 2 && rest.every(n => Number.isFinite(Number(n))))
      signal.act(nowMs() / 1000, Number(rest[0]), Number(rest[1]))
    else return false
    return true
  }
  let buffer = ''
  socket.setEncoding('utf8')
  socket.on('data', (text) => {
    const lines = (buffer + text).split('\n')
    buffer = lines.pop().slice(-200)
    for (const line of lines) {
      const [word, ...rest] = line.trim().split(' ')
      const good = word === 'SIM' ? simulate(rest) : COMMANDS[word] ? (COMMANDS[word](), true) : false
      say(good ? `OK ${line.trim()}` : `NO ${line.trim().slice(0, 60)}`)
    }
  })
  socket.on('error', () => undefined)
  socket.on('close', () => {
    if (timer) clearInterval(timer)
    signal.offPress?.(press)
  })
  say(`KEEN 1 ${signal.kind} ${signal.hz} ${signal.name} simulated`)
})
server.listen(Number(process.env.PORT), '127.0.0.1')
// Whoever started it may be killed: it does not stay behind.
const parent = process.ppid
setInterval(() => { if (process.ppid !== parent) process.exit(0) }, 1000).unref()
for (const end of ['SIGINT', 'SIGTERM']) process.on(end, () => process.exit(0))
