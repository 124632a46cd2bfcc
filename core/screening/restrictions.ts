import { HAZARDS, type Hazard } from '../catalogue'
import { FLAGS, type Flag, type FlagId } from './flags'

/** What a flag takes away, without what it is called. */
export type RestrictionId =
  'refer' | 'clearanceFirst' | 'supervised' | 'noBreathHold'
  | `no:${Hazard}` | `hold:${number}` | `fatigue:${number}`

/**
 * A flag of which a clinician has lifted something: the gate before all training, or breath-holding and belly pressure
 * too.
 */
export type EasedFlag = `${FlagId}~${'training' | 'breath'}`

/** A health flag by its name, one that is eased, or only what one takes away. */
export type HealthMark = FlagId | EasedFlag | RestrictionId

/**
 * A flag as it stands once a clinician has lifted something of it.
 *
 * @example
 * easedFacts('herniaSurgery~breath').removes // => ['loadedFlexion', 'ballistic']
 */
export function easedFacts(mark: EasedFlag): Flag {
  const [id, extent] = mark.split('~') as [FlagId, 'training' | 'breath']
  const { clearanceFirst: _, noBreathHold, ...rest }: Flag = FLAGS[id]
  if (extent === 'training') return { ...rest, ...(noBreathHold ? { noBreathHold } : {}) }
  return { ...rest, removes: rest.removes.filter(hazard => hazard !== 'pressureRise') }
}

/**
 * Whether a mark is a flag with something lifted.
 *
 * @example
 * isEased('herniaSurgery') // => false
 */
export function isEased(mark: HealthMark): mark is EasedFlag {
  return mark.includes('~')
}

/**
 * The consequences of flags with the diagnosis left out, each once. They screen drills exactly as the flags do.
 *
 * @example
 * restrictionsOf(['backPainBending']) // => ['no:flexion', 'no:loadedFlexion', 'hold:10']
 */
export function restrictionsOf(marks: readonly HealthMark[]): RestrictionId[] {
  const found = new Set<RestrictionId>()
  for (const mark of marks) {
    if (isRestriction(mark)) {
      found.add(mark)
      continue
    }
    const flag: Flag = isEased(mark) ? easedFacts(mark) : FLAGS[mark]
    if (flag.kind === 'red') found.add('refer')
    if (flag.clearanceFirst) found.add('clearanceFirst')
    if (flag.supervised) found.add('supervised')
    for (const hazard of flag.removes) found.add(`no:${hazard}`)
    if (flag.noBreathHold) found.add('noBreathHold')
    if (flag.longestHoldS) found.add(`hold:${flag.longestHoldS}`)
    if (flag.highestFatigue) found.add(`fatigue:${flag.highestFatigue}`)
  }
  return [...found]
}

/**
 * Whether a mark names only a consequence.
 *
 * @example
 * isRestriction('no:flexion') // => true
 */
export function isRestriction(mark: HealthMark): mark is RestrictionId {
  return !(mark in FLAGS) && !isEased(mark)
}

/**
 * A consequence as a flag of its own, so that one set of rules screens both.
 *
 * @example
 * restrictionFacts('no:flexion').removes // => ['flexion']
 */
export function restrictionFacts(id: RestrictionId): Flag {
  const [kind, value = ''] = id.split(':')
  const name = 'Health restriction'
  const amber = (means: string, more: Partial<Flag>): Flag => ({ kind: 'amber', name, means, removes: [], ...more })
  switch (kind) {
    case 'refer':
      return { kind: 'red', name: 'Referred', means: 'No programme is given until a coach clears it.', removes: [] }
    case 'clearanceFirst':
      return amber('A clinician first: until then only a short list.', { clearanceFirst: true })
    case 'supervised':
      return amber('Technique before load, with somebody who watches.', { supervised: true })
    case 'no':
      return amber(`No ${HAZARDS[value as Hazard]}.`, { removes: [value as Hazard] })
    case 'noBreathHold':
      return amber('No breath-holding: breathe through the effort.', { noBreathHold: true })
    case 'hold':
      return amber(`Holds of ${value} s at most.`, { longestHoldS: Number(value) })
    default:
      return amber('Only the easiest drills.', { highestFatigue: Number(value) })
  }
}
