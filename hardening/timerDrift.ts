// npm run timer-drift -- --minutes N --slower F: a phone goes through a circuit of N minutes while its tab is F times
// slower and its intervals come once a minute, as in the background. Afterwards every tone is held against the clock.
// See docs/operations.md.
import { cuesOf, intervalPhases } from '../core/timer'
import { intervalOf } from '../shared/intervalOf'
import type { PrescribedSession } from '../shared/types'
import { Device } from './device'
import { Line } from './line'
import { anItem, planToday } from './planToday'
import { argument } from './random'
import { Tablet } from './tablet'

const base = process.env.HARDENING_URL!
const minutes = argument('minutes', 30)
const slower = argument('slower', 6)
const MOST_OFF_MS = 50
const [WORK_S, REST_S] = [60, 30]
const sleep = (ms: number): Promise<unknown> => new Promise(resolve => setTimeout(resolve, ms))

/** Put before everything else in a page: notes when each tone will sound, and how the two clocks stand. */
function listen(): void {
  const often = window.setInterval.bind(window)
  window.setInterval = ((work: () => void, ms: number) => often(work, ms < 60_000 ? 60_000 : ms)) as typeof setInterval
  const tones: { at: number, off: boolean }[] = []
  const pairs: [number, number][] = []
  class Heard extends AudioContext {
    constructor() {
      super()
      // A page is stopped between any two lines: of some looks the one in which the least time went by.
      often(() => {
        const looks = Array.from({ length: 8 }, () => {
          const before = performance.now()
          const soundS = this.currentTime
          return { before, soundS, tookMs: performance.now() - before }
        })
        const best = looks.reduce((a, b) => (b.tookMs < a.tookMs ? b : a))
        if (best.tookMs < 1) pairs.push([best.soundS, best.before])
      }, 200)
    }

    override createOscillator(): OscillatorNode {
      const made = super.createOscillator()
      const tone = { at: 0, off: false }
      const [start, disconnect] = [made.start.bind(made), made.disconnect.bind(made)]
      made.start = (at = 0) => {
        tone.at = at
        tones.push(tone)
        start(at)
      }
      made.disconnect = () => {
        tone.off = true
        disconnect()
      }
      return made
    }
  }
  Object.assign(window, { AudioContext: Heard, heard: { tones, pairs } })
}

const coach = new Device(base, 'head@larkholm.example')
await coach.signIn()
const drills = ['front-plank.wall', 'brace.low-breath']
const rounds = Math.min(10, Math.max(1, Math.round(minutes * 60 / (drills.length * (WORK_S + REST_S)))))
const circuit = { id: 'c', rounds, times: 1, workS: WORK_S, restS: REST_S, roundRestS: REST_S, sides: 'own' }
const { athleteId, sessionId } = await planToday(coach, {
  minutes: 60, circuits: [circuit],
  items: drills.map((id, i) =>
    anItem(String(i), id, { sets: rounds, amount: WORK_S, unit: 'seconds', restS: REST_S }, { circuit: 'c' })),
})
const { session } = await coach.read<{ session: PrescribedSession }>(`/api/athletes/${athleteId}/today`)
const cues = cuesOf(intervalPhases(intervalOf(session, session.circuits![0]!, {})))

const line = new Line(base)
await line.open()
const tablet = new Tablet(line, 'head@larkholm.example')
await tablet.on()
await tablet.page.context().addInitScript(listen)
await tablet.signIn()
await tablet.open(`/run/${sessionId}`)
await tablet.page.getByRole('button', { name: 'Start the circuit' }).waitFor()
const startedAt = await tablet.page.evaluate(() => {
  const start = [...document.querySelectorAll('button')].find(one => one.textContent?.trim() === 'Start the circuit')
  // The click itself takes a while: it makes the first sound there is.
  const at = performance.now()
  start!.click()
  return at
})
const cdp = await tablet.page.context().newCDPSession(tablet.page)
await cdp.send('Emulation.setCPUThrottlingRate', { rate: slower })
await sleep(1000 * ((cues.at(-1)?.atS ?? 0) + 5))
interface Heard { tones: { at: number, off: boolean }[], pairs: [number, number][] }
const { tones, pairs } = await tablet.page.evaluate(() => (window as unknown as { heard: Heard }).heard)
tablet.scrap()

/** When a tone sounded by the clock of the page: between the two looks nearest to it. */
function heardAt(at: number): number {
  const after = Math.max(1, pairs.findIndex(([sound]) => sound >= at))
  const [[sound, clock], [sound2, clock2]] = [pairs[after - 1]!, pairs[after]!]
  return clock + (at - sound) * (clock2 - clock) / (sound2 - sound || 1)
}
const sounded = tones.filter(tone => !tone.off).map(tone => (heardAt(tone.at) - startedAt) / 1000).sort((a, b) => a - b)
const off = cues.map(({ atS }) => Math.min(...sounded.map(at => Math.abs(at - atS))) * 1000).sort((a, b) => a - b)
const twice = sounded.length - cues.length
const lasts = (cues.at(-1)?.atS ?? 0) / 60
console.log(`${lasts.toFixed(1)} minutes, ${cues.length} tones, ${sounded.length} sounded; off by `
  + `${off[Math.floor(off.length / 2)]!.toFixed(1)} ms in the middle, ${off.at(-1)!.toFixed(1)} ms at most`)
process.exit(off.at(-1)! < MOST_OFF_MS && twice === 0 ? 0 : 1)
