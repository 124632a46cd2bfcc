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
  braceStep: 'Brace step', rungs: 'Rungs', weakLink: 'Weak link', weakSide: 'Weaker side', groupIds: 'Groups',
}

/** One field of an athlete in words. */
function textOf(
  field: keyof AthleteInput, athlete: AthleteInput, groups: readonly Group[], units: Units, catalogue: Catalogue,
): string {
  const unit = measures(units)
  switch (field) {
    case 'heightCm':
      return `${unit.showLength(athlete.heightCm)} ${unit.length}`
    case 'massKg':
      return `${unit.showMass(athlete.massKg)} ${unit.mass}`
    case 'sport':
      return SPORT_PROFILES[athlete.sport].name
    case 'goalLift':
      return athlete.goalLift ? LIFTS[athlete.goalLift].name : 'none'
    case 'goalVariationId':
      return catalogue.find(athlete.goalVariationId ?? '')?.name ?? 'none'
    case 'weakLink':
      return athlete.weakLink ? ACTION_FACTS[athlete.weakLink].label : 'none known'
    case 'flags':
      return athlete.flags.map(flag => flagFacts(flag).name).join(', ') || 'none'
    case 'available':
      return athlete.available.map(a => `${DAY_NAMES[a.day]} ${a.minutes}`).join(', ') || 'none'
    case 'groupIds':
      return groups.filter(g => athlete.groupIds.includes(g.id)).map(g => g.name).join(', ') || 'none'
    case 'equipment':
      return `${athlete.equipment.length} kinds`
    case 'rungs':
      return catalogue.ladders.filter(l => (athlete.rungs[l.id] ?? 1) > 1).map(l => `${l.name} ${athlete.rungs[l.id]}`)
        .join(', ') || 'all at the ground'
    default:
      return String(athlete[field] ?? 'none')
  }
}

/** Two versions of one athlete: what clashes, in words, and the one that comes of a choice. */
export function athleteClash(
  base: AthleteInput, mine: AthleteInput, current: Athlete, groups: readonly Group[], units: Units,
  catalogue: Catalogue,
) {
  const theirs = inputOf(current)
  const versions = [{ ...base }, { ...mine }, { ...theirs }] as const
  const { conflicts, theirs: others } = threeWay(...versions)
  const text = (field: keyof AthleteInput, of: AthleteInput): string => textOf(field, of, groups, units, catalogue)
  return {
    who: current.changedBy ?? 'Somebody else', version: current.version, theirs,
    rows: (conflicts as (keyof AthleteInput)[]).map(field => ({
      key: field, what: LABELS[field], mine: text(field, mine), theirs: text(field, theirs),
    })),
    others: (others as (keyof AthleteInput)[]).map(field => `${LABELS[field]}: ${text(field, theirs)}`),
    chosen: (choices: Choices) => threeWay(...versions, choices).merged as unknown as AthleteInput,
  }
}
