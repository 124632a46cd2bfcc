import { BODY_PLACES } from '~~/core/assessment'
import type { Catalogue } from '~~/core/catalogue'
import type { DrillPain } from '~~/core/screening'
import type { HealthAlert } from '~~/shared/types'

const TEXT: Readonly<Record<HealthAlert['kind'], string>> = {
  stop: 'red flag, all training stopped', limits: 'a flag was raised', pain: 'pain',
  painTwice: 'pain twice running, the drill is locked', cleared: 'cleared, training goes on',
}

/** What was told, in a line: "pain at side plank", "red flag, all training stopped". */
export function alertText({ kind, variationId, stops }: HealthAlert, catalogue: Catalogue): string {
  const drill = variationId ? catalogue.find(variationId)?.name.toLowerCase() ?? 'a drill' : ''
  const stopped = stops > 0 ? `: ${stops} ${stops === 1 ? 'drill' : 'drills'} stopped` : ''
  return `${TEXT[kind]}${drill ? ` at ${drill}` : ''}${kind === 'limits' ? stopped : ''}`
}

const STATE: Readonly<Record<DrillPain['state'], string>> = {
  waits: 'waits for a decision', locked: 'locked: refer', leftOut: 'left out',
}

/** Where a drill hurt and where that stands: "low back, twice running: locked, refer". */
export function painText({ place, times, state }: Omit<DrillPain, 'variationId' | 'day' | 'at'>): string {
  const where = place ? BODY_PLACES[place].toLowerCase() : 'somewhere'
  return `${where}${times > 1 ? `, ${times} times running` : ''}: ${STATE[state]}`
}
