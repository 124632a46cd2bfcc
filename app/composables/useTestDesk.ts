import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { v7 as newKey } from 'uuid'
import { testFacts, type Battery, type BreakPoint, type Tests } from '~~/core/assessment'
import type { SettingValues } from '~~/core/catalogue'
import type { TrialInput } from '~~/shared/types'
import { forget, keep, kept } from '~/device/kept'
import type { DeskLooks, DeskStep } from '~/words/deskLooks'

/** One athlete on the desk, at their own place in the battery. */
export interface Lane {
  readonly athleteId: string
  readonly name: string
  /** Index of the step they are at; past the last: done. */
  readonly at: number
  /** Clock time the watch was started, ms; null when it stands. */
  readonly startedAt: number | null
  /** What was measured and waits to be told what ended it, with the clock time it was. */
  readonly waiting: { readonly value: number, readonly stoppedAt: number } | null
  /** A word to the trial that waits. */
  readonly note: string
  readonly done: readonly TrialInput[]
}

/** Keys that start and stop the watches, lane by lane: the digits, and two more. */
export const LANE_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-', '='] as const
/** Keys that say what ended a trial. */
export const BREAK_KEYS: readonly (readonly [string, BreakPoint])[] = [
  ['t', 'trunk'], ['l', 'lowBack'], ['h', 'hipsTurned'], ['s', 'shoulder'], ['f', 'hipFlexors'], ['g', 'grip'],
  ['n', 'neck'], ['b', 'breath'], ['a', 'balance'], ['p', 'pain'], ['Enter', 'none'],
]

/** The steps of a battery: one-sided tests right then left. */
export function stepsOf(battery: Battery, tests: Tests): DeskStep[] {
  return battery.tests.flatMap((
    test,
  ): DeskStep[] => (testFacts(test, tests).sides === 'each'
    ? (['right', 'left'] as const).map(side => ({ test, side }))
    : [{ test, side: null }])
  )
}

const NO_LOOKS: DeskLooks = { stop: () => null, odd: () => null }

interface DeskState {
  readonly battery: Battery
  readonly tests: Tests
  readonly lanes: readonly Lane[]
  readonly setting: SettingValues
}
const KEY = 'desk'

/**
 * Testing (a squad) in rotation: a stopwatch for each athlete, all of which may run at once, and what ended each trial.
 * Times come from the clock and everything is kept on the device, so that a reload or a dead line loses nothing that
 * was measured.
 */
export function useTestDesk(
  today: () => string, log: (trial: TrialInput) => void, clock: () => number = () => Date.now(),
  looks: DeskLooks = NO_LOOKS,
) {
  /** Kept whole with its tests: a run goes on as it began, without a line and whatever becomes of the list of tests. */
  const battery = ref<Battery>({ name: '', tests: [] })
  const tests = shallowRef<Tests>({})
  const lanes = ref<readonly Lane[]>([])
  const setting = ref<SettingValues>({})
  const now = ref(0)
  const steps = computed(() => stepsOf(battery.value, tests.value))

  const tick = (): void => { now.value = clock() }
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
    if (lanes.value.length === 0) forget(KEY)
    else keep(
        KEY,
        { battery: battery.value, tests: tests.value, lanes: lanes.value, setting: setting.value } satisfies DeskState,
      )
    // At once: a page that closes in the same moment has kept the last stop.
  }, { flush: 'sync' })

  function begin(which: Battery, all: Tests, athletes: readonly { id: string, name: string }[]): void {
    tests.value = Object.fromEntries(which.tests.map(id => [id, testFacts(id, all)]))
    battery.value = which
    lanes.value = athletes.slice(0, LANE_KEYS.length)
      .map(({ id, name }) => ({ athleteId: id, name, at: 0, startedAt: null, waiting: null, note: '', done: [] }))
  }
  function finish(): void {
    lanes.value = []
    setting.value = {}
  }

  const change = (index: number, edit: (lane: Lane) => Lane): void => {
    lanes.value = lanes.value.map((lane, i) => (i === index ? edit(lane) : lane))
  }
  const stepAt = (lane: Lane): DeskStep | null => steps.value[lane.at] ?? null
  const timed = (lane: Lane): boolean => {
    const step = stepAt(lane)
    return step !== null && testFacts(step.test, tests.value).timed
  }
  const elapsedS = (
    lane: Lane,
  ): number => (lane.waiting
    ? lane.waiting.value
    : lane.startedAt === null
    ? 0
    : Math.max(0, (now.value - lane.startedAt) / 1000))
  const stopOf = (lane: Lane): string | null => {
    const step = stepAt(lane)
    return step && looks.stop(lane.athleteId, step)
  }
  const oddOf = (lane: Lane): string | null => {
    const step = stepAt(lane)
    return step && lane.waiting ? looks.odd(lane.athleteId, step, lane.waiting.value) : null
  }
  const idle = (lane: Lane): boolean =>
    timed(lane) && stopOf(lane) === null && lane.startedAt === null && lane.waiting === null

  /** Starts or stops a lane's watch; one that waits to be told what ended it stays as it is. */
  function press(index: number): void {
    const lane = lanes.value[index]
    if (!lane || lane.waiting || !timed(lane) || (lane.startedAt === null && stopOf(lane) !== null)) return
    tick()
    if (lane.startedAt === null) change(index, l => ({ ...l, startedAt: now.value }))
    else {
      const value = Math.round((now.value - lane.startedAt) / 100) / 10
      change(index, l => ({ ...l, startedAt: null, waiting: { value, stoppedAt: now.value } }))
    }
  }
  /** All that stand ready at once, from the same moment. */
  function startAll(): void {
    tick()
    lanes.value = lanes.value.map(lane => (idle(lane) ? { ...lane, startedAt: now.value } : lane))
  }
  /** A value that is read and not timed. */
  function enter(index: number, value: number): void {
    const asked = lanes.value[index]
    if (!asked || stopOf(asked) !== null) return
    tick()
    change(index, lane => ({ ...lane, waiting: { value, stoppedAt: now.value } }))
  }

  /** The lane whose trial waits longest to be told what ended it. */
  const front = computed(() => {
    const waiting = lanes.value.map((lane, index) => ({ index, at: lane.waiting?.stoppedAt ?? Infinity })).filter((
      { at },
    ) => at < Infinity)
    return waiting.length === 0 ? null : waiting.reduce((a, b) => (b.at < a.at ? b : a)).index
  })

  /** Says what ended a trial: it is on its way, and the lane goes on to its next step. */
  function end(breakPoint: BreakPoint, index = front.value): void {
    const lane = index === null ? undefined : lanes.value[index]
    const step = lane && stepAt(lane)
    if (index === null || !lane?.waiting || !step) return
    const trial: TrialInput = {
      id: newKey(), athleteId: lane.athleteId, day: today(),
      performedAt: new Date(lane.waiting.stoppedAt).toISOString(), test: step.test, side: step.side,
      value: lane.waiting.value, breakPoint, setting: setting.value, note: lane.note.trim().slice(0, 500),
      // Whoever says what ended it has read that the value is odd.
      ...(oddOf(lane) ? { sure: true } : {}),
    }
    log(trial)
    change(index, l => ({ ...l, at: l.at + 1, waiting: null, note: '', done: [...l.done, trial] }))
  }
  /** Throws a measured time away: the step is done again. */
  function discard(index = front.value): void {
    if (index !== null) change(index, lane => ({ ...lane, waiting: null, startedAt: null, note: '' }))
  }
  const note = (index: number, text: string): void => change(index, lane => ({ ...lane, note: text }))
  const skip = (index: number): void =>
    change(index, lane => ({ ...lane, at: Math.min(steps.value.length, lane.at + 1), waiting: null, startedAt: null }))
  /** The step before once more, as a repeat trial. */
  const again = (index: number): void =>
    change(index, lane => ({ ...lane, at: Math.max(0, lane.at - 1), waiting: null, startedAt: null }))
  /** Takes the last trial of a lane out of its list; what was stored is withdrawn by the caller. */
  function undo(index: number): TrialInput | null {
    const last = lanes.value[index]?.done.at(-1) ?? null
    if (last) {
      const at = steps.value.findIndex(s => s.test === last.test && s.side === last.side)
      change(
        index,
        lane => ({ ...lane, at: at >= 0 ? at : lane.at, waiting: null, startedAt: null, done: lane.done.slice(0, -1) }),
      )
    }
    return last
  }

  const allDone = computed(() => lanes.value.length > 0 && lanes.value.every(lane => lane.at >= steps.value.length))
  return {
    battery, tests, lanes, setting, steps, front, allDone, begin, finish, press, startAll, enter, note, end, discard,
    skip, again, undo, stepAt, timed, elapsedS, idle, stopOf, oddOf,
  }
}
