import { computed, ref } from 'vue'
import { useInstrumentsStore } from '~/stores/instruments'
import { useInstrument } from '../instrument/useInstrument'

/** A stopwatch button in the hand stands for one athlete's key: what it does is to (press) that lane. */
export function useDeskButton(press: (lane: number) => void) {
  const instruments = useInstrumentsStore()
  const buttonLane = ref<number | null>(null)
  const button = computed(() => instruments.list.find(one => one.kind === 'button')?.name ?? null)
  const listening = computed(() => (buttonLane.value === null ? null : button.value))
  const pressed = useInstrument(listening, instruments.watch, {
    press: () => { if (buttonLane.value !== null) press(buttonLane.value) },
  })
  return { buttonLane, button, pressed }
}
