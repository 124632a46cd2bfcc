import { describe, expect, it } from 'vitest'
import { cuesOf, setPhases } from '~~/core/timer'
import { soundCues } from './sound'

/** A context that writes down what is set, at a time of its own clock. */
function recorder(currentTime: number) {
  const started: { hz: number, at: number, until: number, silenced: boolean }[] = []
  const context = {
    currentTime, state: 'running', destination: {},
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
        stop: (at = 0) => { one.until = at },
      }
    },
  }
  return { context: context as unknown as BaseAudioContext & { currentTime: number }, started }
}

const cues = cuesOf(setPhases({ sets: 1, amount: 2, unit: 'reps', tempo: '3-0-3-0', restS: 60 }))

describe('the sounds of a timer', () => {
  it('are set on the clock of the sound, each where it belongs', () => {
    const { context, started } = recorder(100)
    soundCues(context, cues, { atS: 0, soundS: 100 })
    expect(started.map(one => one.at)).toEqual(cues.map(cue => 100 + cue.atS))
    expect(started.every(one => one.until > one.at && one.hz > 0)).toBe(true)
  })

  it('go on from where a timer was held, without what is past', () => {
    const { context, started } = recorder(7)
    soundCues(context, cues, { atS: 8, soundS: 7 })
    expect(started.map(one => one.at)).toEqual(cues.filter(cue => cue.atS >= 8).map(cue => 7 + cue.atS - 8))
  })

  it('are set anew from where they have sounded to: none twice, and what is late at once', () => {
    const { context, started } = recorder(130)
    const { at } = soundCues(context, cues, { atS: 8, soundS: 100 })
    expect(at(103)).toBe(11)
    started.length = 0
    // The sound has come to second 4 while the timer is at 6: what lies between is due.
    soundCues(context, cues, { atS: 6, soundS: 130 }, 4)
    const due = cues.filter(cue => cue.atS >= 4)
    expect(started.map(one => one.at)).toEqual(due.map(cue => Math.max(130, 130 + cue.atS - 6)))
    started.length = 0
    // The sound is ahead: what has sounded does not sound again.
    soundCues(context, cues, { atS: 6, soundS: 130 }, 9)
    expect(started.map(one => one.at)).toEqual(cues.filter(cue => cue.atS >= 9).map(cue => 130 + cue.atS - 6))
  })

  it('are silenced where they have not begun; what sounds rings out', () => {
    const { context, started } = recorder(0)
    const { silence } = soundCues(context, cues, { atS: 0, soundS: 0 })
    context.currentTime = 6
    silence()
    expect(started.map(one => one.silenced)).toEqual(cues.map(cue => cue.atS > 6))
    // Ended, not only let go of: what still waits for its moment takes time from the sound.
    expect(started.filter(one => one.silenced).every(one => one.until === 0)).toBe(true)
  })
})
