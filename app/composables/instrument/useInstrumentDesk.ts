import { computed, onMounted, ref, watch } from 'vue'
import { v7 as newKey } from 'uuid'
import {
  TEST_IDS, testFacts, testStops, TESTS, type BreakPoint, type StandardTestId, type TestFacts,
} from '~~/core/assessment'
import type { Side } from '~~/core/dose'
import { INSTRUMENT_KINDS, USUAL_BAND, type InstrumentCommand, type InstrumentFault } from '~~/core/instruments'
import { PAIN_CAUTION } from '~~/core/screening'
import { messageOf } from '~~/shared/errors'
import { screenOf } from '~~/shared/planningContext'
import { useAssessmentStore } from '~/stores/assessment'
import { useInstrumentsStore } from '~/stores/instruments'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { clockText } from '~/words/testWords'
import { useCatalogue } from '../useCatalogue'
import { useInstrument } from './useInstrument'
import type { RunPlan } from './runResult'
import { useInstrumentRun } from './useInstrumentRun'
import { useTarget } from './useTarget'

/** What a run is about, to go on after a reload. */
interface About {
  readonly name: string | null
  readonly athleteId: string | null
  readonly side: Side
  readonly test: StandardTestId | null
}

/** A hold that an instrument times: who and what, the run itself, and what is stored of it. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useInstrumentDesk() {
  const signedIn = useSignInStore()
  const catalogue = useCatalogue()
  const roster = useRosterStore()
  const store = useInstrumentsStore()
  const assessment = useAssessmentStore()
  onMounted(() => Promise.all([roster.load(), store.load()]))

  const name = ref<string | null>(null)
  const athleteId = ref<string | null>(null)
  const side = ref<Side>('right')
  const typed = ref('90')
  const problem = ref('')
  const said = ref('')

  const measuring = computed(() => store.list.filter(one => one.kind !== 'button'))
  watch(measuring, (list) => { if (!name.value && list[0]) name.value = list[0].name }, { immediate: true })

  const run = useInstrumentRun((): About => ({
    name: name.value, athleteId: athleteId.value, side: side.value, test: test.value,
  }))
  const live = useInstrument(name, store.watch, { samples: run.take })
  const kind = computed(() => {
    const found = live.state.value?.kind ?? store.list.find(one => one.name === name.value)?.kind
    return found && found !== 'button' ? found : null
  })
  const test = computed((): StandardTestId | null =>
    TEST_IDS.find(id => (TESTS[id] as TestFacts).instrument === kind.value) ?? null
  )
  watch(run.restored, (before) => {
    const about = before as About | null
    if (about) [name.value, athleteId.value, side.value] = [about.name, about.athleteId, about.side]
  }, { immediate: true })
  watch(kind, (now) => {
    if (run.phase.value === 'idle' && now) typed.value = now === 'force' ? '90' : String(USUAL_BAND.targetMmHg)
  })

  const { target, targetProblem, band } = useTarget(typed, kind)
  const NAMES = computed(() =>
    roster.rows.filter(r => !r.athlete.archived).map(({ athlete }) => [athlete.id, athlete.name] as const)
  )
  const ATHLETES = computed(() => [[null, 'choose'] as const, ...NAMES.value])
  const eachSide = computed(() => test.value !== null && testFacts(test.value).sides === 'each')
  const unit = computed(() => (kind.value ? INSTRUMENT_KINDS[kind.value].unit : ''))

  function ready(): void {
    said.value = ''
    const athlete = roster.rows.find(row => row.athlete.id === athleteId.value)?.athlete
    const [stop] = athlete && test.value
      ? testStops(test.value, screenOf(athlete, signedIn.me!.today, catalogue.value))
      : []
    problem.value = !athleteId.value ? 'Choose who is tested.' : targetProblem.value ?? stop ?? ''
    if (!problem.value && kind.value) run.begin({ kind: kind.value, target: target.value } satisfies RunPlan)
  }
  function storeTrial(breakPoint: BreakPoint): void {
    const found = run.result.value
    if (!found || !athleteId.value || !test.value) return
    assessment.logTrial({
      id: newKey(), athleteId: athleteId.value, day: signedIn.me!.today, performedAt: new Date().toISOString(),
      test: test.value, side: eachSide.value ? side.value : null, value: found.value, breakPoint,
      setting: found.plan.kind === 'force' ? { bandN: Math.round(found.plan.target) } : {},
      // The hold was looked at with its trace before it is told what ended it.
      note: '', sure: true, trace: found.trace,
    })
    const who = NAMES.value.find(([id]) => id === athleteId.value)?.[1] ?? ''
    said.value = `${who}${eachSide.value ? `, ${side.value}` : ''}: ${clockText(found.value)} stored with its trace.${
      breakPoint === 'pain' ? ` ${PAIN_CAUTION}` : ''
    }`
    if (eachSide.value) side.value = side.value === 'right' ? 'left' : 'right'
    run.cancel()
  }
  async function ask(command: InstrumentCommand): Promise<void> {
    problem.value = ''
    try {
      await store.ask(name.value!, command)
    }
    catch (error) {
      problem.value = messageOf(error)
    }
  }
  const fault = ref<InstrumentFault>('none')
  watch(fault, next => ask({ ask: 'fault', fault: next }))
  const act = () =>
    ask(kind.value === 'cuff'
      ? { ask: 'act', value: -12, forS: 4 }
      : { ask: 'act', value: target.value || 90, forS: 12 })

  return {
    store, name, athleteId, side, typed, problem, said, measuring, run, live, kind, test, targetProblem, band, ATHLETES,
    eachSide, unit, ready, storeTrial, ask, fault, act,
  }
}
