import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { same, type Choices } from '~~/core/merge'
import { withoutRefused, type TrunkItem, type WeekPlan } from '~~/core/programme'
import { AppError, messageOf, storedFirst } from '~~/shared/errors'
import type { TrainingWeek, WeekSheet } from '~~/shared/types'
import { openQuickWeek } from '~/api/quickWeek'
import * as weeks from '~/api/weeks'
import { line, writes } from '~/api/writes'
import { useCatalogueStore } from './catalogue'
import { reading } from './parts/reading'
import { soonStored } from './parts/soonStored'
import { undoLine } from './parts/undoLine'
import { weekAsks } from './parts/weekAsks'
import { keepWeekDraft, keptWeekDraft, KEPT_STEPS, type WeekDraft } from './parts/weekDraft'
import { weekMeeting, type WeekMeeting } from './parts/weekMeeting'

/** One athlete's week while it is edited: the plan, its undo line, and what of it is stored. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export const useWeekStore = defineStore('week', () => {
  const drills = useCatalogueStore()
  const reader = reading()
  const sheet = shallowRef<WeekSheet | null>(null)
  const plan = shallowRef<WeekPlan>({ sessions: [] })
  const state = ref<'stored' | 'waiting' | 'saving' | 'choose' | 'refused'>('stored')
  const problem = ref('')
  const storedAt = ref<Date | null>(null)
  /** Two coaches' versions that clash, waiting for a choice. */
  const meeting = shallowRef<WeekMeeting | null>(null)
  /** Drills that would not be stored as they stand: the rest of the week is stored without them. */
  const refused = shallowRef<readonly TrunkItem[]>([])
  /** What is to be known before the week is assigned, in sentences; empty: nothing was asked. */
  const missing = shallowRef<Readonly<Record<string, string>>>({})
  /** What another coach changed and was taken in without a question. */
  const news = shallowRef<{ who: string, changes: readonly string[] } | null>(null)

  const week = computed(() => sheet.value?.week ?? null)
  const saving = computed(() => (state.value === 'saving' && line.value !== 'open' ? line.value : state.value))
  const keyOf = ({ athleteId, startsOn }: TrainingWeek): string => weeks.weekKey(athleteId, startsOn)
  const isShown = (of: TrainingWeek): boolean => week.value !== null && keyOf(week.value) === keyOf(of)

  const steps = undoLine(plan, show)
  const storing = soonStored(save, () => week.value !== null && writes.isWaiting(keyOf(week.value)))

  function load(athleteId: string, startsOn: string): Promise<void> {
    void flush()
    // The thread that fills weeks is there before it is asked for the first time.
    if (import.meta.client) openQuickWeek()
    return reader.read(async () => take(await weeks.fetchWeek(athleteId, startsOn)), true)
  }

  function take(fresh: WeekSheet): void {
    sheet.value = fresh
    plan.value = fresh.week.plan
    steps.takeUp()
    state.value = 'stored'
    storedAt.value = null
    problem.value = ''
    meeting.value = null
    refused.value = []
    news.value = null
    missing.value = {}
    resume(keptWeekDraft(fresh.week), fresh.week)
  }

  /** Goes on from what the device kept; what was stored meanwhile meets it. */
  function resume(draft: WeekDraft | null, stored: TrainingWeek): void {
    if (!draft) return
    const unsaved = !same(draft.plan, draft.base.plan)
    if (draft.base.version !== stored.version && !unsaved) return
    steps.takeUp(draft)
    if (!unsaved) return
    plan.value = draft.plan
    if (draft.base.version === stored.version) return soon()
    keepStored(draft.base)
    meet(stored)
  }

  /** Shows another step of mine: it is kept on the device, and stored soon. */
  function show(next: WeekPlan): void {
    plan.value = next
    keepDraft()
    if (state.value === 'choose') storing.soon()
    else soon()
  }

  function soon(): void {
    state.value = 'waiting'
    storing.soon()
  }

  function keepDraft(): void {
    if (week.value) keepWeekDraft({ base: week.value, plan: plan.value, ...steps.nearest(KEPT_STEPS) })
  }

  /** How far the plan is stored once the server has (stored): a refused drill stays in sight unstored. */
  function stateAgainst(stored: WeekPlan): 'stored' | 'waiting' | 'refused' {
    const rest = withoutRefused(plan.value, refused.value, stored)
    if (!same(rest, stored)) return 'waiting'
    return same(plan.value, rest) ? 'stored' : 'refused'
  }

  async function save(): Promise<void> {
    const now = week.value
    if (!now || state.value === 'choose') return
    const sent = withoutRefused(plan.value, refused.value, now.plan)
    if (same(sent, now.plan) && now.version > 0) state.value = stateAgainst(now.plan)
    else await send(now, sent)
  }

  async function send(now: TrainingWeek, sent: WeekPlan): Promise<void> {
    state.value = 'saving'
    try {
      const stored = await weeks.saveWeek(
        now.athleteId, now.startsOn, `Week of ${sheet.value!.athlete.name}`, now.version, sent,
      )
      if (!stored || !isShown(now)) return
      keepStored(stored)
      storedAt.value = new Date()
      state.value = stateAgainst(stored.plan)
      if (state.value !== 'refused') problem.value = ''
      keepDraft()
      if (state.value === 'waiting') soon()
    }
    catch (error) {
      if (!isShown(now)) return
      const current = storedFirst<TrainingWeek>(error)
      if (current) return meet(current)
      problem.value = messageOf(error)
      state.value = 'refused'
      if (error instanceof AppError) leaveOut(error.fields ?? {}, sent)
    }
  }

  /** Leaves out what was refused by name, and stores the rest; why it may not be is read anew with the athlete. */
  function leaveOut(fields: Readonly<Record<string, string>>, sent: WeekPlan): void {
    const named = sent.sessions.flatMap(({ id, items }) => items.filter(item => `${id}.${item.id}` in fields))
    if (named.length === 0) return
    refused.value = [...refused.value, ...named]
    problem.value = `${problem.value} The rest of the week is stored.`
    void refreshAthlete()
    storing.soon()
  }

  /** Another write came first: what does not clash is taken in, what does waits for a choice. */
  function meet(current: TrainingWeek): void {
    const met = weekMeeting(week.value!.plan, plan.value, current, drills.catalogue)
    // Undo goes back over my own steps and leaves theirs standing.
    steps.rewrite(met.carried)
    keepStored(current)
    if (met.conflicts.length > 0) {
      meeting.value = met
      state.value = 'choose'
      return
    }
    plan.value = met.merged
    tell(met)
    state.value = stateAgainst(current.plan)
    keepDraft()
    if (state.value === 'waiting') soon()
  }

  const tell = ({ who, theirChanges: changes }: WeekMeeting): void => {
    if (changes.length > 0) news.value = { who, changes }
  }

  /** Settles a clash field by field; undo brings back all of mine. */
  function choose(choices: Choices): void {
    const met = meeting.value
    if (!met) return
    const chosen = met.chosen(choices)
    meeting.value = null
    tell(met)
    state.value = 'waiting'
    plan.value = met.merged
    if (same(met.merged, chosen)) show(met.merged)
    else steps.change(chosen)
  }

  /** Reads anew who the week is for: a flag or a clearance changes what it may hold, not what it holds. */
  async function refreshAthlete(): Promise<void> {
    const now = week.value
    const fresh = now ? await weeks.fetchWeek(now.athleteId, now.startsOn).catch(() => null) : null
    if (fresh && sheet.value && week.value === now)
      sheet.value = { ...sheet.value, athlete: fresh.athlete, settled: fresh.settled }
  }

  /** Looks whether another coach stored something while nothing of mine is on the way. */
  async function lookAround(): Promise<void> {
    const now = week.value
    if (!now || state.value !== 'stored' || storing.underWay()) return
    const { version } = await weeks.fetchWeekVersion(now.athleteId, now.startsOn).catch(() => now)
    if (version <= now.version || week.value !== now || state.value !== 'stored') return
    const fresh = await weeks.fetchWeek(now.athleteId, now.startsOn).catch(() => null)
    if (fresh && week.value === now) meet(fresh.week)
  }

  function keepStored(stored: TrainingWeek): void {
    if (sheet.value) sheet.value = { ...sheet.value, week: stored }
  }

  /** Hands whatever waits to the queue at once. */
  async function flush(): Promise<void> {
    storing.halt()
    if (line.value === 'open') await storing.underWay()
    if (state.value === 'waiting') await storing.now()
  }

  /** The week as it is stored, with nothing on the way; a week shown but never changed is written first. */
  async function allStored(): Promise<TrainingWeek | null> {
    await flush()
    if (week.value?.version === 0) await storing.now()
    return state.value === 'stored' ? week.value : null
  }

  /** Stores, then assigns exactly what was stored; false when it could not. */
  async function assign(reason = ''): Promise<boolean> {
    const now = await allStored()
    if (!now) return false
    try {
      keepStored(await weeks.assignWeek(now.athleteId, now.startsOn, now.version, reason))
      missing.value = {}
      keepDraft()
      return true
    }
    catch (error) {
      if (error instanceof AppError && error.code === 'needsReason') {
        missing.value = error.fields ?? {}
        return false
      }
      const current = error instanceof AppError && error.code === 'changedElsewhere'
      if (current) void lookAround()
      problem.value = messageOf(error)
      state.value = current ? 'stored' : 'refused'
      return false
    }
  }

  return {
    sheet, week, plan, reader, saving, problem, storedAt, meeting, missing, news,
    past: steps.past, future: steps.future, change: steps.change, undo: steps.undo, redo: steps.redo,
    load, flush, assign, choose, lookAround, refreshAthlete, ...weekAsks(sheet, plan, allStored),
  }
})
