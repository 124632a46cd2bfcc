import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import type { TrunkAction } from '~~/core/catalogue'
import type { OwnBand } from '~~/core/policy'
import {
  addAdapted, addSession, changeSession, comparePlans, meansOf, putLift, removeItem, removeLift, removeSession,
  weekLedger, type Improvement, type PlannedLift, type PlannedSession, type TrunkItem, type WeekPlan,
} from '~~/core/programme'
import type { Applied, WeekReview } from '~~/shared/types'
import type { WeekDialog } from '~/words/weekDialog'
import { useAttempt } from '../useAttempt'
import type { EditedWeek } from './editedWeek'
import type { WeekDesk } from './useWeekSheet'

const inOrder = (sessions: readonly PlannedSession[]): WeekPlan =>
  ({ sessions: [...sessions].sort((a, b) => a.day - b.day) })

/** What the dialogs of (the week sheet) do: which one is open, and everything it answers with. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useWeekDialogs(week: EditedWeek, desk: WeekDesk, lastWeek: () => WeekPlan | null) {
  const dialog = ref<WeekDialog | null>(null) as Ref<WeekDialog | null>
  const { busy, problem, attempt } = useAttempt()
  const review = shallowRef<WeekReview | null>(null)
  const applied = shallowRef<readonly Applied[] | null>(null)
  const against = ref<'last' | 'proposal'>('last')
  const close = (): void => { dialog.value = null }

  watch(dialog, (opened) => {
    problem.value = ''
    applied.value = null
    if (opened?.kind === 'review') void look()
    if (opened?.kind === 'compare') against.value = lastWeek() ? 'last' : 'proposal'
  })

  const look = (): Promise<boolean> => attempt(async () => {
    review.value = null
    review.value = await week.review()
  })

  function take({ kind, itemId, sessionId, item }: Improvement): void {
    const without = kind === 'add' || !itemId ? week.plan : removeItem(week.plan, itemId)
    week.change(item ? addAdapted(without, sessionId, item) : without)
    void look()
  }

  /** That somebody watches is the usual, and not written down. */
  function putSession(session: PlannedSession | null, day: number, minutes: number, supervised: boolean): void {
    const put = ({ supervised: _, ...plain }: PlannedSession): PlannedSession => ({
      ...plain, day, minutes, ...(supervised ? {} : { supervised }),
    })
    const changed = session
      ? changeSession(week.plan, session.id, put)
      : addSession(week.plan, put({ id: newKey(), day, minutes, lifts: [], items: [] }))
    week.change(inOrder(changed.sessions))
    close()
  }

  function dropSession(session: PlannedSession | null): void {
    if (session) week.change(removeSession(week.plan, session.id))
    close()
  }

  function putLiftOn(session: PlannedSession, lift: PlannedLift): void {
    week.change(putLift(week.plan, session.id, lift))
    close()
  }

  function dropLift(session: PlannedSession, lift: PlannedLift): void {
    week.change(removeLift(week.plan, session.id, lift.id))
    close()
  }

  /** A pasted day takes the place of that day; other days stay. */
  function putRoutine(routine: WeekPlan): void {
    const days = new Set(routine.sessions.map(s => s.day))
    const { screen: { catalogue } } = desk.context.value
    // What a line says no load of begins with the athlete's own.
    const settingOf = ({ variationId, setting }: TrunkItem): TrunkItem['setting'] => {
      const drill = catalogue.find(variationId)
      return drill && Object.keys(setting).length === 0 ? meansOf(desk.context.value).usualSetting(drill) : setting
    }
    const fresh = routine.sessions.map(s => ({
      ...s, id: newKey(), lifts: s.lifts.map(l => ({ ...l, id: newKey() })),
      items: s.items.map(i => ({ ...i, id: newKey(), setting: settingOf(i) })),
    }))
    week.change(inOrder([...week.plan.sessions.filter(s => !days.has(s.day)), ...fresh]))
    dialog.value = { kind: 'review' }
  }

  const difference = computed(() => {
    const other = against.value === 'last' ? lastWeek() : desk.proposed.value
    if (!other) return null
    const context = desk.context.value
    const from = { plan: other, ledger: weekLedger(other, desk.targets.value, context) }
    return comparePlans(from, { plan: week.plan, ledger: desk.ledger.value }, context.screen.catalogue)
  })

  const setBand = (action: TrunkAction, band: OwnBand | null): Promise<boolean> =>
    attempt(async () => {
      await week.settle(({ bands: { [action]: _, ...bands }, ...rules }) => ({
        ...rules, bands: band ? { ...bands, [action]: band } : bands,
      }))
      close()
    })

  const apply = (itemIds: readonly string[] | null, athleteIds: readonly string[]): Promise<boolean> =>
    attempt(async () => {
      applied.value = await week.applyTo(itemIds, athleteIds)
    })

  return {
    dialog, close, busy, problem, review, applied, against, difference, take, putSession, dropSession, putLiftOn,
    dropLift, putRoutine, setBand, apply, putPlan: week.change,
  }
}
