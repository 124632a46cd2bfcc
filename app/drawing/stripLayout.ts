import type { Catalogue } from '~~/core/catalogue'
import { formatDose } from '~~/core/dose'
import { layOutSession, type PlannedSession, type Place, type TrunkItem } from '~~/core/programme'

/** Where one drill's bar and words stand on a strip, in pixels. */
interface StripItem {
  readonly item: TrunkItem
  readonly name: string
  /** Dose with what else there is to know of it: extra set, kept, home, circuit, marked. */
  readonly dose: string
  readonly barX: number
  readonly barWidth: number
  readonly labelX: number
  readonly labelWidth: number
  readonly row: number
}

interface StripLift {
  readonly id: string
  readonly x: number
  readonly width: number
}

/** Widths of a letter of the name and of the figures under it, at the strip's type sizes. */
const NAME_PX = 7.1
const FIGURE_PX = 7.3
/** The drill's figure before its words. */
export const LABEL_FIGURE_PX = 34
const MOST_LABEL_PX = 420 + LABEL_FIGURE_PX
const GAP_PX = 14
/** Words may stand this far right of their bar before they go to a row of their own. */
const MOST_SHIFT_PX = 190

/**
 * Places bars by their minutes and words in rows beneath, so that no two words overlap
 * and none runs past the end of the strip.
 *
 * @param worthOf what a drill comes to for the athlete, in a word or two
 */
export function stripLayout(
  session: PlannedSession, pxPerMinute: number, widthPx: number, catalogue: Catalogue,
  marked: ReadonlySet<string> = new Set(), worthOf: (item: TrunkItem) => string = () => '',
) {
  const layout = layOutSession(session, catalogue)
  const x = (seconds: number): number => (seconds / 60) * pxPerMinute
  const lifts: StripLift[] = layout.entries.filter(b => b.kind === 'lift')
    .map(b => ({ id: b.id, x: x(b.startS), width: Math.max(20, x(b.durationS)) }))
  const edges = layout.entries.filter(b => b.kind === 'warmUp' || b.kind === 'coolDown').map(b => ({
    kind: b.kind, x: x(b.startS), width: x(b.durationS),
  }))
  const rowEnds: number[] = []
  const items = layout.entries.filter(b => b.kind === 'item').map((entry): StripItem => {
    const item = session.items.find(i => i.id === entry.id)!
    const variation = catalogue.find(item.variationId)
    const name = variation?.name ?? 'Unknown drill'
    const dose = [
      formatDose(item.dose, variation?.sides ?? 'both'), ...loadOf(item), worthOf(item),
      ...tagsOf(item), ...(marked.has(item.id) ? ['marked'] : []),
    ].filter(Boolean).join(' · ')
    const words = Math.max(name.length * NAME_PX, dose.length * FIGURE_PX)
    const labelWidth = Math.min(MOST_LABEL_PX, widthPx, words + 6 + LABEL_FIGURE_PX)
    const barX = x(entry.startS)
    const nearest = Math.max(0, Math.min(barX, widthPx - labelWidth))
    const fits = (end: number): boolean => {
      const at = Math.max(nearest, end + GAP_PX)
      return at - nearest <= MOST_SHIFT_PX && at + labelWidth <= widthPx
    }
    let row = rowEnds.findIndex(fits)
    if (row < 0) row = rowEnds.length
    const labelX = row < rowEnds.length ? Math.max(nearest, rowEnds[row]! + GAP_PX) : nearest
    rowEnds[row] = labelX + labelWidth
    return { item, name, dose, barX, barWidth: Math.max(6, x(entry.durationS)), labelX, labelWidth, row }
  })
  return { lifts, items, edges, rows: rowEnds.length, totalS: layout.totalS, trunkS: layout.trunkS }
}

function loadOf({ setting: { loadKg, bandN } }: TrunkItem): string[] {
  if (loadKg !== undefined) return [`${loadKg} kg`]
  return bandN !== undefined ? [`${bandN} N`] : []
}

function tagsOf({ extraSetSide, kept, slot, circuit, note }: TrunkItem): string[] {
  return [
    ...(extraSetSide ? [`${extraSetSide === 'left' ? 'L' : 'R'} +1`] : []),
    ...(kept ? ['kept'] : []), ...(slot === 'home' ? ['home'] : []), ...(slot === 'inside' ? ['inside'] : []),
    ...(circuit ? ['circuit'] : []), ...(note ? ['note'] : []),
  ]
}

/** The place a drill dropped at a minute belongs to: before, beside or after the lifts. */
export function placeAt(session: PlannedSession, minute: number, catalogue: Catalogue): Place {
  const layout = layOutSession(session, catalogue)
  const lifts = layout.entries.filter(entry => entry.kind === 'lift')
  const second = minute * 60
  const under = lifts.find(entry => second >= entry.startS && second < entry.startS + entry.durationS)
  if (under) return { slot: 'paired', pairedWith: under.id }
  if (lifts.length === 0)
    return { slot: second < 60 ? 'activation' : second > layout.totalS + 120 ? 'finisher' : 'after', pairedWith: null }
  if (second < lifts[0]!.startS) return { slot: 'activation', pairedWith: null }
  return { slot: second > layout.totalS + 120 ? 'finisher' : 'after', pairedWith: null }
}
