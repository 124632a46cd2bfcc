import { computed, reactive, ref, watch } from 'vue'
import type { AthleteInput, Availability, Units } from '~~/shared/types'
import { forget, keep, kept } from '~/device/kept'
import { measures } from '~/words/inWords'

/** What was typed and not yet stored, with the state it started from. */
interface FormDraft {
  readonly version: number
  readonly start: AthleteInput
  readonly words: AthleteInput
  readonly typed: {
    height: string
    mass: string
    birthYear: string
    trainingAge: string
    minutes: string[]
    equipmentSaid?: boolean
  }
}

/** An athlete as nobody has described them yet: sport, sex, days and equipment are asked, not taken for granted. */
export function blankAthlete(): AthleteInput {
  return {
    name: '', goal: '', goalVariationId: null, goalLift: null, sport: '' as AthleteInput['sport'], position: '',
    sex: '' as AthleteInput['sex'], heightCm: NaN, massKg: NaN, birthYear: NaN, trainingAgeYears: NaN, equipment: [],
    available: [], flags: [], braceStep: 1, stands: [], weakLink: null, weakSide: null, groupIds: [],
  }
}

/** The list with the item, or without it where it was there. */
export const toggled = <T>(list: readonly T[], item: T): T[] =>
  (list.includes(item) ? list.filter(one => one !== item) : [...list, item])

const text = (value: number): string => (Number.isNaN(value) ? '' : String(value))
const number = (typed: string): number => (typed.trim() === '' ? NaN : Number(typed.trim().replace(',', '.')))

/**
 * The athlete form over (what it starts from and in which version, the coach's units, where the device keeps it):
 * typed words in, a checked athlete out. What is typed survives reload, crash and an ended session.
 */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useAthleteForm(from: AthleteInput, units: Units, draftKey: string | null = null, fromVersion = 0) {
  const draft = draftKey ? kept<FormDraft>(draftKey) : null
  // What an earlier release kept may lack a field: it is as it is stored.
  const start = { ...from, ...draft?.start }
  const unit = measures(units)
  const words = reactive({ ...start, ...draft?.words })
  const typed = reactive(draft?.typed ?? {
    height: text(unit.showLength(start.heightCm)),
    mass: text(unit.showMass(start.massKg)),
    birthYear: text(start.birthYear),
    trainingAge: text(start.trainingAgeYears),
    minutes: Array.from({ length: 7 }, (_, day) => text(start.available.find(a => a.day === day)?.minutes ?? NaN)),
    // "Nothing" is an answer only once it was given.
    equipmentSaid: start.name !== '' || start.equipment.length > 0,
  })
  const base = { version: draft?.version ?? fromVersion, start }
  const restored = ref(draft !== null)
  const problems = ref<Readonly<Record<string, string>>>({})

  const value = computed((): AthleteInput => ({
    ...words,
    name: words.name.trim(),
    heightCm: unit.readLength(number(typed.height)),
    massKg: unit.readMass(number(typed.mass)),
    birthYear: number(typed.birthYear),
    trainingAgeYears: number(typed.trainingAge),
    available: typed.minutes.flatMap((minutes, day): Availability[] =>
      (minutes.trim() === '' ? [] : [{ day, minutes: number(minutes) }])),
    weakSide: words.weakLink ? words.weakSide : null,
  }))

  /** Checks everything once, with the schema the server uses; loaded only where a form is. */
  async function check(): Promise<boolean> {
    const { athleteSchema, fieldMessages } = await import('~~/shared/schemas')
    problems.value = { ...unsaid(), ...byField(fieldMessages(athleteSchema, value.value) ?? {}) }
    return Object.keys(problems.value).length === 0
  }

  /** What no schema can miss: an empty list is an answer only where it was given. */
  const unsaid = (): Record<string, string> => ({
    ...(value.value.available.length === 0 ? { available: 'On which days, and for how long?' } : {}),
    ...(typed.equipmentSaid === false ? { equipment: 'With what? The bare floor is an answer too.' } : {}),
  })

  /** Checks days and equipment alone. */
  function checkDays(): boolean {
    const good = ({ minutes }: Availability): boolean => Number.isInteger(minutes) && minutes >= 5 && minutes <= 240
    const odd = !value.value.available.every(good)
    problems.value = { ...(odd ? { available: 'Minutes go from 5 to 240.' } : {}), ...unsaid() }
    return Object.keys(problems.value).length === 0
  }

  /** Messages about a day of the list belong beside that day. */
  function byField(messages: Readonly<Record<string, string>>): Record<string, string> {
    const found: Record<string, string> = {}
    for (const [path, message] of Object.entries(messages)) {
      const [field, index] = path.split('.')
      if (field === 'available' && index !== undefined)
        found[`available.${value.value.available[Number(index)]!.day}`] = message
      else found[field!] ??= message
    }
    return found
  }

  function showServer(fields: Readonly<Record<string, string>>): void {
    problems.value = byField(
      Object.fromEntries(Object.entries(fields).map(([k, v]) => [k.replace(/^athlete\./, ''), v])),
    )
  }

  if (draftKey) {
    watch([words, typed], () => {
      const now: FormDraft = { ...base, words: { ...words }, typed: { ...typed } }
      if (!keep(draftKey, now)) forget(draftKey)
    }, { deep: true })
  }

  /** Back to what is stored. */
  function startOver(): void {
    if (draftKey) forget(draftKey)
  }

  return { base, restored, startOver, words, typed, value, problems, unit, check, checkDays, showServer }
}

export type AthleteFormState = ReturnType<typeof useAthleteForm>
