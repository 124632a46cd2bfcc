import { daysBetween } from '../calendar'
import type { Side } from '../dose'
import type { StandardTestId, Trial } from './tests'

/** What two tests of one thing, taken both ways, say about its cause. */
export interface PairFinding {
  readonly pair: keyof typeof PAIRS
  readonly side: Side | null
  /** Values as taken: without help, with help. */
  readonly without: number
  readonly withHelp: number
  readonly says: string
  readonly next: string
}

/** Both ways within this many days are one comparison. */
const TOGETHER_DAYS = 14
/**
 * Two reps, or a fifth, is the least that means anything in a row to form break; 10 and 5 degrees; 2 points of 10. All
 * common practice, no source.
 */
const ROW = { reps: 2, share: 0.2 } as const
const ARCH = { much: 10, less: 5 } as const
const SQUAT = 2

const other = (side: Side): Side => (side === 'left' ? 'right' : 'left')

interface Pair {
  readonly without: StandardTestId
  readonly withHelp: StandardTestId
  readonly judge: (without: number, withHelp: number, side: Side | null) => Pick<PairFinding, 'says' | 'next'>
}

/** Pairs that split causes: common practice, no source. */
export const PAIRS = {
  row: {
    without: 'rowUnsupported', withHelp: 'rowSupported', judge: (without, withHelp, side) => {
      if (withHelp - without >= Math.max(ROW.reps, ROW.share * withHelp)) {
        return {
          says: `With the chest supported it pulls ${Math.round(withHelp - without)} more: the ${
            side ?? 'working'
          } arm is able, the trunk lets it turn; look at the ${side ? other(side) : 'opposite'} side of the trunk.`,
          next: 'Press-out and suitcase carry on that side; keep the row supported meanwhile.',
        }
      }
      return {
        says: `Support makes no difference${
          side ? ` on the ${side}` : ''
        }: arm and upper back set the limit, not the trunk.`,
        next: 'Row more; the trunk needs nothing extra for this.',
      }
    },
  },
  overhead: {
    without: 'overheadLumbar', withHelp: 'overheadLumbarAfter', judge: (without, withHelp) => {
      if (without < ARCH.much) return { says: 'The low back hardly changes overhead.', next: 'Nothing to split here.' }
      if (without - withHelp >= ARCH.less) {
        return {
          says: `After the stretch the low back changes ${Math.round(without - withHelp)}° less: the lats pull it.`,
          next: 'Stretch the lats from a post before overhead work, and measure again in a month.',
        }
      }
      return {
        says: 'Stretching the lats changes nothing: the ribs are not held down, or the upper back does not extend.',
        next: 'Squeeze the seat, exhale, ribs down; upper-back roll with a pause; then measure again.',
      }
    },
  },
  squat: {
    without: 'squatBefore', withHelp: 'squatAfter', judge: (without, withHelp) => {
      if (withHelp - without >= SQUAT) {
        return {
          says: `The brace alone makes the squat ${
            withHelp - without
          } points better: what looked like mobility is the brace.`,
          next: 'Brace course first; front-loaded squat as a teacher of tension.',
        }
      }
      return {
        says: 'The brace does not change the squat: look at ankles, hips, or load.',
        next: 'Mobility and load are looked at; the brace is not what is missing.',
      }
    },
  },
} as const satisfies Record<string, Pair>

/**
 * What the paired tests say, from the last of each taken within a fortnight of the other. Nothing where only one way
 * was taken, or where pain ended one.
 *
 * @example
 * pairFindings([]) // => []
 */
export function pairFindings(trials: readonly Trial[]): PairFinding[] {
  return (Object.keys(PAIRS) as (keyof typeof PAIRS)[]).flatMap((pair) => {
    const { without, withHelp, judge }: Pair = PAIRS[pair]
    return ([null, 'left', 'right'] as const).flatMap((side): PairFinding[] => {
      const last = (test: StandardTestId): Trial | undefined =>
        trials.filter(t => t.test === test && t.side === side && t.breakPoint !== 'pain')
          .reduce<Trial | undefined>((a, b) => (a && a.day > b.day ? a : b), undefined)
      const [a, b] = [last(without), last(withHelp)]
      if (!a || !b || Math.abs(daysBetween(a.day, b.day)) > TOGETHER_DAYS) return []
      return [{ pair, side, without: a.value, withHelp: b.value, ...judge(a.value, b.value, side) }]
    })
  })
}
