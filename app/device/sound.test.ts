import { describe, expect, it } from 'vitest'
import { cuesOf, setPhases } from '~~/core/timer'
import { soundCues } from './sound'

/** A context that writes down what is set, at a time of its own clock. */
function recorder(currentTime: number) {
  const started: { hz: number, at: number, until: number, silenced: boolean }[] = []
  const context = {
    currentTime, destination: {},
    createGain: () => ({
      gain: { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined },
      connect: () => undefined,
    }),
    createOscillator: () => {
      const one = { hz: 0, at: 0, until: 0, silenced: false }
      started.push(one)
      return {
        frequency: { set value(hz: number) { one.hz = hz } },
        connect: (next: unknown) => next,
        disconnect: () => { one.silenced = true },
        start: (at: number) => { one.at = at },
        stop: (at: number) => { one.until = at },
      }
    },
  }
  return { context: context as unknown as BaseAudioContext & { currentTime: number }, started }
}

const cues = cuesOf(setPhases({ sets: 1, amount: 2, unit: 'reps', tempo: '3-0-3-0', restS: 60 }))

describe('the sounds of a timer', () => {
  it('are set on the clock of the sound, each where it belongs', () => {
    const { context, started } = recorder(100)
    soundCues(context, cues, 0)
    expect(started.map(one => one.at)).toEqual(cues.map(cue => 100 + cue.atS))
    expect(started.every(one => one.until > one.at && one.hz > 0)).toBe(true)
  })

  it('go on from where a timer was held, without what is past', () => {
    const { context, started } = recorder(7)
    soundCues(context, cues, 8)
    expect(started.map(one => one.at)).toEqual(cues.filter(cue => cue.atS >= 8).map(cue => 7 + cue.atS - 8))
  })

  it('are silenced where they have not begun; what sounds rings out', () => {
    const { context, started } = recorder(0)
    const silence = soundCues(context, cues, 0)
    context.currentTime = 6
    silence()
    expect(started.map(one => one.silenced)).toEqual(cues.map(cue => cue.atS > 6))
  })
})
