import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { WeekPlan } from '~~/core/programme'
import { AppError } from '~~/shared/errors'
import type { TrainingWeek, WeekSheet } from '~~/shared/types'
import { messageOf, NoConnection } from '~/api/call'
import * as weeks from '~/api/weeks'

const SAVE_AFTER_MS = 500
const RETRY_AFTER_MS = 3000

/** One athlete's week while it is edited: the plan, its undo line, and what of it is stored. */
export const useWeekStore = defineStore('week', () => {
  const sheet = shallowRef<WeekSheet | null>(null)
  const plan = shallowRef<WeekPlan>({ sessions: [] })
  const past = shallowRef<readonly WeekPlan[]>([])
  const future = shallowRef<readonly WeekPlan[]>([])
  const loading = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const saving = ref<'stored' | 'waiting' | 'saving' | 'noConnection' | 'refused'>('stored')
  const problem = ref('')
  const storedAt = ref<Date | null>(null)

  let timer: ReturnType<typeof setTimeout> | null = null
  let inFlight: Promise<void> | null = null
  let storedPlan: WeekPlan | null = null

  const week = computed(() => sheet.value?.week ?? null)

  async function load(athleteId: string, startsOn: string): Promise<void> {
    await flush()
    loading.value = 'loading'
    try {
      take(await weeks.fetchWeek(athleteId, startsOn))
      loading.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      loading.value = 'failed'
    }
  }

  function take(fresh: WeekSheet): void {
    sheet.value = fresh
    plan.value = fresh.week.plan
    storedPlan = fresh.week.plan
    past.value = []
    future.value = []
    saving.value = 'stored'
    storedAt.value = null
    problem.value = ''
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
    saving.value = 'waiting'
    scheduleSave(SAVE_AFTER_MS)
  }

  function scheduleSave(afterMs: number): void {
    if (timer) clearTimeout(timer)
    timer = setTimeout(() => void save(), afterMs)
  }

  /** Stores what is there; one write at a time, and again when something changed meanwhile. */
  async function save(): Promise<void> {
    if (inFlight) return inFlight.then(() => save())
    if (plan.value === storedPlan || !week.value) {
      if (plan.value === storedPlan) saving.value = 'stored'
      return
    }
    inFlight = send(week.value, plan.value)
    try {
      await inFlight
    }
    finally {
      inFlight = null
    }
  }

  async function send({ athleteId, startsOn, version }: TrainingWeek, sent: WeekPlan): Promise<void> {
    saving.value = 'saving'
    try {
      const stored = await weeks.saveWeek(athleteId, startsOn, version, sent)
      keep(stored)
      storedPlan = sent
      storedAt.value = new Date()
      problem.value = ''
      saving.value = plan.value === sent ? 'stored' : 'waiting'
      if (plan.value !== sent) scheduleSave(SAVE_AFTER_MS)
    }
    catch (error) {
      problem.value = messageOf(error)
      const later = error instanceof NoConnection || (error instanceof AppError && error.code === 'notReady')
      saving.value = later ? 'noConnection' : 'refused'
      if (later) scheduleSave(RETRY_AFTER_MS)
    }
  }

  function keep(stored: TrainingWeek): void {
    if (sheet.value) sheet.value = { ...sheet.value, week: stored }
  }

  /** Stores at once whatever waits. */
  async function flush(): Promise<void> {
    if (timer) clearTimeout(timer)
    timer = null
    if (inFlight) await inFlight
    if (saving.value === 'waiting' || saving.value === 'noConnection') await save()
  }

  /** Stores, then assigns exactly what was stored; false when it could not. */
  async function assign(): Promise<boolean> {
    await flush()
    // A week shown but never changed has not been written yet.
    if (week.value?.version === 0) {
      storedPlan = null
      await save()
    }
    if (saving.value !== 'stored' || !week.value) return false
    try {
      keep(await weeks.assignWeek(week.value.athleteId, week.value.startsOn, week.value.version))
      return true
    }
    catch (error) {
      problem.value = messageOf(error)
      saving.value = 'refused'
      return false
    }
  }

  return { sheet, week, plan, past, future, loading, saving, problem, storedAt, load, change, undo, redo, flush, assign }
})
