import { ACTION_FACTS, type Catalogue } from '~~/core/catalogue'
import { threeWay, type Choices } from '~~/core/merge'
import { LIFTS, SPORT_PROFILES } from '~~/core/programme'
import { flagFacts } from '~~/core/screening'
import type { Athlete, AthleteInput, Group, Units } from '~~/shared/types'
import { DAY_NAMES, measures } from './inWords'

/** What a coach may change, out of all that is known. */
export function inputOf(
  {
    id: _i, version: _v, archived: _a, clearances: _l, health: _h, screenedOn: _o, accountEmail: _e, accountState: _s,
    changedBy: _c,
    ...input
  }: Athlete,
): AthleteInput {
  return input
}

const LABELS: Readonly<Record<keyof AthleteInput, string>> = {
  name: 'Name', goal: 'Goal', goalVariationId: 'Goal drill', goalLift: 'Goal lift', sport: 'Sport profile',
  position: 'Position', sex: 'Sex for body scaling', heightCm: 'Height', massKg: 'Body mass', birthYear: 'Birth year',
  trainingAgeYears: 'Training age', equipment: 'Equipment', available: 'Days available', flags: 'Flags',
  braceStep: 'Brace step', stands: 'Rungs', weakLink: 'Weak link', weakSide: 'Weaker side', groupIds: 'Groups',
}

interface Around { readonly groups: readonly Group[], readonly units: Units, readonly catalogue: Catalogue }

/** Fields that are told in words of their own. */
const WORDS: Partial<Record<keyof AthleteInput, (athlete: AthleteInput, around: Around) => string>> = {
  heightCm: ({ heightCm }, { units }) => `${measures(units).showLength(heightCm)} ${measures(units).length}`,
  massKg: ({ massKg }, { units }) => `${measures(units).showMass(massKg)} ${measures(units).mass}`,
  sport: ({ sport }) => SPORT_PROFILES[sport].name,
  goalLift: ({ goalLift }) => (goalLift ? LIFTS[goalLift].name : 'none'),
  goalVariationId: ({ goalVariationId }, { catalogue }) => catalogue.find(goalVariationId ?? '')?.name ?? 'none',
  weakLink: ({ weakLink }) => (weakLink ? ACTION_FACTS[weakLink].label : 'none known'),
  flags: ({ flags }) => flags.map(flag => flagFacts(flag).name).join(', ') || 'none',
  available: ({ available }) => available.map(a => `${DAY_NAMES[a.day]} ${a.minutes}`).join(', ') || 'none',
  groupIds: ({ groupIds }, { groups }) =>
    groups.filter(g => groupIds.includes(g.id)).map(g => g.name).join(', ') || 'none',
  equipment: ({ equipment }) => `${equipment.length} kinds`,
  stands: ({ stands }, { catalogue }) =>
    stands.map(id => catalogue.find(id)?.name ?? id).join(', ') || 'all at the ground',
}

/** One field of an athlete in words. */
const textOf = (field: keyof AthleteInput, athlete: AthleteInput, around: Around): string =>
  WORDS[field]?.(athlete, around) ?? String(athlete[field] ?? 'none')

/** Two versions of one athlete: what clashes, in words, and the one that comes of a choice. */
export function athleteClash(
  base: AthleteInput, mine: AthleteInput, current: Athlete, groups: readonly Group[], units: Units,
  catalogue: Catalogue,
) {
  const theirs = inputOf(current)
  const versions = [{ ...base }, { ...mine }, { ...theirs }] as const
  const { conflicts, theirs: others } = threeWay(...versions)
  const text = (field: keyof AthleteInput, of: AthleteInput): string => 
    textOf(field, of, { groups, units, catalogue })
  return {
    who: current.changedBy ?? 'Somebody else', version: current.version, theirs,
    rows: (conflicts as (keyof AthleteInput)[]).map(field => ({
      key: field, what: LABELS[field], mine: text(field, mine), theirs: text(field, theirs),
    })),
    others: (others as (keyof AthleteInput)[]).map(field => `${LABELS[field]}: ${text(field, theirs)}`),
    chosen: (choices: Choices) => threeWay(...versions, choices).merged as unknown as AthleteInput,
  }
}
