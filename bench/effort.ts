import { capacitiesOf, type DoneSet } from '~~/core/capacity'
import { STANDARD } from '~~/core/catalogue'
import { proposeWeek } from '~~/core/programme'
import { CENTRE } from '~~/core/testing/centreAthletes'
import { sideBySide, spread, timed } from './timing'

/** A year of sets: three drills three times a week, three sets each. */
const YEAR: readonly DoneSet[] = Array.from({ length: 52 * 3 }, (_, i) => {
  const day = new Date(Date.UTC(2025, 2, 3 + Math.floor(i / 3) * 7 + (i % 3) * 2)).toISOString().slice(0, 10)
  return ['front-plank.long-lever', 'side-plank.feet', 'press-out.standing'].flatMap(variationId =>
    [1, 2, 3].map((): DoneSet => ({
      variationId, day, unit: 'seconds', amount: 20, side: null, settings: {}, breakPoint: 'none', effort: 6,
    })))
}).flat()

/** Capacities from a year of sets beside those from none, and a week prescribed and planned from nothing. */
export async function benchEffort(): Promise<string> {
  const [{ request }] = CENTRE as [(typeof CENTRE)[number]]
  const known = (sets: readonly DoneSet[]) => () => {
    capacitiesOf(request.context.trunk.trunk, { trials: [], sets }, STANDARD, '2026-03-02')
  }
  await sideBySide(3, known(YEAR), known([]))
  const { a, b } = await sideBySide(10, known(YEAR), known([]))
  const times: number[] = []
  for (const one of CENTRE) times.push(await timed(() => { proposeWeek(one.request) }))
  const { median, p95 } = spread(times)
  const ratio = spread(a).median / spread(b).median
  return `capacities from ${YEAR.length} sets: ${spread(a).median.toFixed(0)} ms, from none ${
    spread(b).median.toFixed(0)
  } ms, ratio ${ratio.toFixed(1)}\na week by effort, prescribed and planned without a solver: median ${
    median.toFixed(0)
  } ms, p95 ${p95.toFixed(0)} ms (${CENTRE.length} athletes)`
}
