/** A tone of a timer and the second at which it sounds. */
interface Tone {
  readonly atS: number
  readonly tone: 'begin' | 'turn' | 'count' | 'rest' | 'end'
}

/** Pitch, length and loudness of each tone. */
const TONES: Readonly<Record<Tone['tone'], { readonly hz: number, readonly lastsS: number, readonly gain: number }>> = {
  begin: { hz: 880, lastsS: 0.25, gain: 0.25 },
  turn: { hz: 660, lastsS: 0.12, gain: 0.18 },
  count: { hz: 550, lastsS: 0.08, gain: 0.14 },
  rest: { hz: 440, lastsS: 0.35, gain: 0.2 },
  end: { hz: 990, lastsS: 0.6, gain: 0.28 },
}

/** The second of a timer, and what the clock of the sound said in the same moment. */
export interface SoundMoment {
  readonly atS: number
  readonly soundS: number
}

/** Tones that are set to sound. */
export interface Sounding {
  /** Silences what has not sounded yet. */
  readonly silence: () => void
  /** The second of the timer that the sound has come to. */
  readonly at: (soundS: number) => number
}

/**
 * Sets all tones of a timer on the clock of the sound itself, so that a page that sleeps is not late with them. What
 * lies before `fromS` has sounded; what is late already sounds at once.
 */
export function soundCues(
  context: BaseAudioContext, cues: readonly Tone[], { atS, soundS }: SoundMoment, fromS = atS,
): Sounding {
  const zero = soundS - atS
  const set = cues.filter(cue => cue.atS >= fromS).map((cue) => {
    const { hz, lastsS, gain } = TONES[cue.tone]
    const at = Math.max(soundS, zero + cue.atS)
    const tone = context.createOscillator()
    const volume = context.createGain()
    tone.frequency.value = hz
    volume.gain.setValueAtTime(gain, at)
    volume.gain.exponentialRampToValueAtTime(0.001, at + lastsS)
    tone.connect(volume).connect(context.destination)
    tone.start(at)
    tone.stop(at + lastsS)
    return { tone, at }
  })
  return {
    silence: () => {
      // What sounds already may ring out. What is only let go of would wait for its moment all the same, and thousands
      // that wait leave the sound no time.
      for (const { tone, at } of set) {
        if (at <= context.currentTime) continue
        tone.stop()
        tone.disconnect()
      }
    },
    at: nowS => nowS - zero,
  }
}

/** Says a name where the device has a voice of its own: nothing is sent anywhere for it. */
export function say(text: string): void {
  if (!('speechSynthesis' in globalThis)) return
  const voice = speechSynthesis.getVoices().find(one => one.localService && one.lang.startsWith('en'))
  if (!voice) return
  const words = new SpeechSynthesisUtterance(text)
  words.voice = voice
  speechSynthesis.cancel()
  speechSynthesis.speak(words)
}
