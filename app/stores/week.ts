import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { same, type Choices } from '~~/core/merge'
import type { PlanningRules } from '~~/core/policy'
import { mergeWeeks, withoutRefused, type TrunkItem, type WeekChoice, type WeekPlan } from '~~/core/programme'
import { AppError, messageOf, storedFirst } from '~~/shared/errors'
import type { Applied, PlannedAnswer, TrainingWeek, WeekReview, WeekSheet } from '~~/shared/types'
import { forget, keep, kept } from '~/device/kept'
import * as weeks from '~/api/weeks'
import { line, writes } from '~/api/writes'
import * as planning from '~/api/planning'
import { useCatalogueStore } from './catalogue'
import { reading } from './reading'
import { useRulesStore } from './rules'

const SAVE_AFTER_MS = 500
/** Steps of undo kept on the device. */
const KEPT_STEPS = 20

/** A week as this device last had it: survives reload, crash and an ended session, and carries the undo line. */
interface Draft {
  readonly base: TrainingWeek
  readonly plan: WeekPlan
  readonly past: readonly WeekPlan[]
  readonly future: readonly WeekPlan[]
}

/** Two coaches' versions of one week, waiting for a choice. */
interface Meeting {
  readonly who: string
  readonly base: WeekPlan
  readonly mine: WeekPlan
  readonly theirs: WeekPlan
  readonly conflicts: readonly WeekChoice[]
  readonly theirChanges: readonly string[]
}

/** One athlete's week while it is edited: the plan, its undo line, and what of it is stored. */
export const useWeekStore = defineStore('week', () => {
  const drills = useCatalogueStore()
  const sheet = shallowRef<WeekSheet | null>(null)
  const plan = shallowRef<WeekPlan>({ sessions: [] })
  const past = shallowRef<readonly WeekPlan[]>([])
  const future = shallowRef<readonly WeekPlan[]>([])
  const reader = reading()
  const state = ref<'stored' | 'waiting' | 'saving' | 'choose' | 'refused'>('stored')
  const problem = ref('')
  const storedAt = ref<Date | null>(null)
  const meeting = shallowRef<Meeting | null>(null)
  /** Drills that would not be stored as they stand: the rest of the week is stored without them. */
  const refused = shallowRef<readonly TrunkItem[]>([])
  /** What is to be known before the week is assigned, in sentences; empty: nothing was asked. */
  const missing = shallowRef<Readonly<Record<string, string>>>({})
  /** What another coach changed and was taken in without a question. */
  const news = shallowRef<{ who: string, changes: readonly string[] } | null>(null)

  let timer: ReturnType<typeof setTimeout> | null = null
  let inFlight: Promise<void> | null = null

  const week = computed(() => sheet.value?.week ?? null)
  const saving = computed(() => (state.value === 'saving' && line.value !== 'open' ? line.value : state.value))
  const draftKey = ({ athleteId, startsOn }: TrainingWeek): string => `draft/${weeks.weekKey(athleteId, startsOn)}`

  async function load(athleteId: string, startsOn: string): Promise<void> {
    void flush()
    await reader.read(async () => take(await weeks.fetchWeek(athleteId, startsOn)), true)
  }

  function take(fresh: WeekSheet): void {
    sheet.value = fresh
    plan.value = fresh.week.plan
    past.value = []
    future.value = []
    state.value = 'stored'
    storedAt.value = null
    problem.value = ''
    meeting.value = null
    refused.value = []
    news.value = null
    missing.value = {}
    resume(kept<Draft>(draftKey(fresh.week)), fresh.week)
  }

  /** Goes on from what the device kept; what was stored meanwhile meets it. */
  function resume(draft: Draft | null, stored: TrainingWeek): void {
    if (!draft) return
    const unsaved = !same(draft.plan, draft.base.plan)
    if (draft.base.version !== stored.version && !unsaved) return
    past.value = draft.past
    future.value = draft.future
    if (!unsaved) return
    plan.value = draft.plan
    if (draft.base.version === stored.version) {
      state.value = 'waiting'
      scheduleSave()
      return
    }
    keepStored(draft.base)
    meet(stored)
  }

  /** Asks the planner for the best week of these sessions; nothing is changed by it. */
  const best = (sessions: WeekPlan['sessions']): Promise<PlannedAnswer> => {
    const { athleteId, startsOn } = sheet.value!.week
    return weeks.proposeForOne(athleteId, startsOn, sessions)
  }

  /** Looks through the week as it stands with the engine's eyes. */
  const review = (): Promise<WeekReview> => {
    const { athleteId, startsOn } = sheet.value!.week
    return planning.reviewWeek(athleteId, startsOn, plan.value.sessions)
  }

  /** Stores the week, then copies drills of it to others; null: all of them. */
  async function applyTo(itemIds: readonly string[] | null, athleteIds: readonly string[]): Promise<Applied[]> {
    await flush()
    if (week.value?.version === 0) await save()
    if (state.value !== 'stored') throw new AppError('notReady', 'The week is not stored yet. Try again in a moment.')
    const { athleteId, startsOn } = sheet.value!.week
    return planning.applyWeek(athleteId, startsOn, { itemIds, athleteIds })
  }

  /**
   * Settles something for this athlete: a band, a lock. What holds afterwards is read anew; the plan stays as it is.
   */
  async function settle(change: (rules: PlanningRules) => PlanningRules): Promise<void> {
    const { athleteId, startsOn } = sheet.value!.week
    const rules = useRulesStore()
    await rules.load()
    await rules.save('athlete', athleteId, change)
    const { settled } = await weeks.fetchWeek(athleteId, startsOn)
    if (week.value?.athleteId === athleteId && week.value.startsOn === startsOn)
      sheet.value = { ...sheet.value!, settled }
  }

  /** Every change goes through here: it can be undone and will be stored. */
  function change(next: WeekPlan): void {
    if (next === plan.value) return
    past.value = [...past.value, plan.value]
    future.value = []
    show(next)
  }

  function undo(): void {
    const before = past.value.at(-1)
    if (!before) return
    past.value = past.value.slice(0, -1)
    future.value = [plan.value, ...future.value]
    show(before)
  }

  function redo(): void {
    const [after, ...rest] = future.value
    if (!after) return
    past.value = [...past.value, plan.value]
    future.value = rest
    show(after)
  }

  function show(next: WeekPlan): void {
    plan.value = next
    if (state.value !== 'choose') state.value = 'waiting'
    keepDraft()
    scheduleSave()
  }

  function keepDraft(): void {
    if (!week.value) return
    const draft: Draft = {
      base: week.value, plan: plan.value, past: past.value.slice(-KEPT_STEPS),
      future: future.value.slice(0, KEPT_STEPS),
    }
    // A device without room still has the page itself.
    if (!keep(draftKey(week.value), draft)) forget(draftKey(week.value))
  }

  function scheduleSave(): void {
    if (timer) clearTimeout(timer)
    timer = setTimeout(() => void save(), SAVE_AFTER_MS)
  }

  /** Stores what is there; one write at a time, and again when something changed meanwhile. */
  async function save(): Promise<void> {
    const now = week.value
    if (!now || state.value === 'choose') return
    if (inFlight && !writes.isWaiting(weeks.weekKey(now.athleteId, now.startsOn))) return inFlight.then(() => save())
    const sent = withoutRefused(plan.value, refused.value, now.plan)
    if (same(sent, now.plan) && now.version > 0) {
      state.value = same(plan.value, sent) ? 'stored' : 'refused'
      return
    }
    const mine = send(now, sent)
    inFlight = mine
    await mine
    if (inFlight === mine) inFlight = null
  }

  async function send({ athleteId, startsOn, version }: TrainingWeek, sent: WeekPlan): Promise<void> {
    state.value = 'saving'
    const isShown = (): boolean => week.value?.athleteId === athleteId && week.value.startsOn === startsOn
    try {
      const stored = await weeks.saveWeek(athleteId, startsOn, `Week of ${sheet.value!.athlete.name}`, version, sent)
      if (!stored || !isShown()) return
      keepStored(stored)
      storedAt.value = new Date()
      const rest = withoutRefused(plan.value, refused.value, stored.plan)
      if (same(plan.value, rest)) problem.value = ''
      state.value = !same(rest, stored.plan) ? 'waiting' : same(plan.value, rest) ? 'stored' : 'refused'
      keepDraft()
      if (state.value === 'waiting') scheduleSave()
    }
    catch (error) {
      if (!isShown()) return
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
    scheduleSave()
  }

  /** Another write came first: what does not clash is taken in, what does waits for a choice. */
  function meet(current: TrainingWeek): void {
    const base = week.value!.plan
    const mine = plan.value
    const { plan: merged, conflicts, theirChanges } = mergeWeeks(base, mine, current.plan, drills.catalogue)
    const who = current.changedBy ?? 'Somebody else'
    // Undo goes back over my own steps and leaves theirs standing.
    past.value = past.value.map(step => mergeWeeks(base, step, current.plan, drills.catalogue).plan)
    future.value = future.value.map(step => mergeWeeks(base, step, current.plan, drills.catalogue).plan)
    keepStored(current)
    if (conflicts.length > 0) {
      meeting.value = { who, base, mine, theirs: current.plan, conflicts, theirChanges }
      state.value = 'choose'
      return
    }
    plan.value = merged
    if (theirChanges.length > 0) news.value = { who, changes: theirChanges }
    state.value = same(merged, current.plan) ? 'stored' : 'waiting'
    keepDraft()
    if (state.value === 'waiting') scheduleSave()
  }

  /** Settles a clash field by field; undo brings back all of mine. */
  function choose(choices: Choices): void {
    if (!meeting.value) return
    const { base, mine, theirs, who, theirChanges } = meeting.value
    const all = mergeWeeks(base, mine, theirs, drills.catalogue).plan
    const chosen = mergeWeeks(base, mine, theirs, drills.catalogue, choices).plan
    meeting.value = null
    if (theirChanges.length > 0) news.value = { who, changes: theirChanges }
    state.value = 'waiting'
    plan.value = all
    if (same(all, chosen)) show(all)
    else change(chosen)
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
    if (!now || state.value !== 'stored' || inFlight) return
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
    if (timer) clearTimeout(timer)
    timer = null
    if (inFlight && line.value === 'open') await inFlight
    if (state.value === 'waiting') await save()
  }

  /** Stores, then assigns exactly what was stored; false when it could not. */
  async function assign(reason = ''): Promise<boolean> {
    await flush()
    // A week shown but never changed has not been written yet.
    if (week.value?.version === 0) await save()
    if (state.value !== 'stored' || !week.value) return false
    try {
      keepStored(await weeks.assignWeek(week.value.athleteId, week.value.startsOn, week.value.version, reason))
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
    sheet, week, plan, past, future, reader, saving, problem, storedAt, meeting, missing, news, load, best, review,
    applyTo, settle, change, undo, redo, flush, assign, choose, lookAround, refreshAthlete,
  }
})
