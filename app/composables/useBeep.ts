import { useStorage } from '@vueuse/core'

/** A short tone for the end of a hold or a rest; can be switched off, and stays off. */
export function useBeep() {
  const on = useStorage('keen-anchor-sound', true)
  let context: AudioContext | null = null

  function beep(frequencyHz = 880): void {
    if (!on.value || typeof AudioContext === 'undefined') return
    context ??= new AudioContext()
    const tone = context.createOscillator()
    const volume = context.createGain()
    tone.frequency.value = frequencyHz
    volume.gain.setValueAtTime(0.2, context.currentTime)
    volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.4)
    tone.connect(volume).connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + 0.4)
  }

  return { on, beep }
}
