import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { testFacts, type Battery, type Tests } from '~~/core/assessment'
import type { SettingValues } from '~~/core/catalogue'
import { forget, keep, kept } from '~/device/kept'
import { freshLane, LANE_KEYS, type Lane } from './lane'

interface DeskState {
  readonly battery: Battery
  readonly tests: Tests
  readonly lanes: readonly Lane[]
  readonly setting: SettingValues
}
const KEY = 'desk'

/**
 * What stands on the desk of (the clock): battery, lanes, setting, and what time it is. All of it is kept on the
 * device, so that a reload or a dead line loses nothing that was measured.
 */
export function useDeskState(clock: () => number) {
  /** Kept whole with its tests: a run goes on as it began, without a line and whatever becomes of the list of tests. */
  const battery = ref<Battery>({ name: '', tests: [] })
  const tests = shallowRef<Tests>({})
  const lanes = ref<readonly Lane[]>([])
  const setting = ref<SettingValues>({})
  const now = ref(0)
  const tick = (): number => (now.value = clock())

  let timer: ReturnType<typeof setInterval> | null = null
  onMounted(() => {
    const before = kept<DeskState>(KEY)
    if (before)
      [tests.value, battery.value, lanes.value, setting.value] = [
        before.tests, before.battery, before.lanes, before.setting,
      ]
    tick()
    timer = setInterval(tick, 100)
  })
  onBeforeUnmount(() => { if (timer) clearInterval(timer) })
  watch([battery, lanes, setting], () => {
    const state: DeskState = {
      battery: battery.value, tests: tests.value, lanes: lanes.value, setting: setting.value,
    }
    if (lanes.value.length === 0) forget(KEY)
    else keep(KEY, state)
    // At once: a page that closes in the same moment has kept the last stop.
  }, { flush: 'sync' })

  function begin(which: Battery, all: Tests, athletes: readonly { id: string, name: string }[]): void {
    tests.value = Object.fromEntries(which.tests.map(id => [id, testFacts(id, all)]))
    battery.value = which
    lanes.value = athletes.slice(0, LANE_KEYS.length).map(freshLane)
  }
  function finish(): void {
    lanes.value = []
    setting.value = {}
  }
  const change = (index: number, edit: (lane: Lane) => Lane): void => {
    lanes.value = lanes.value.map((lane, i) => (i === index ? edit(lane) : lane))
  }

  return { battery, tests, lanes, setting, now, tick, begin, finish, change }
}
