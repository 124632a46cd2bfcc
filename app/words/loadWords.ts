import type { SettingValues } from '~~/core/catalogue'
import type { Units } from '~~/shared/types'
import { measures } from './inWords'

/** What a drill is loaded with, in a person's units; empty where it takes none. */
export function loadIn({ loadKg, bandN }: SettingValues, units: Units): string {
  const unit = measures(units)
  if (loadKg !== undefined) return `${unit.showMass(loadKg)} ${unit.mass}`
  return bandN === undefined ? '' : `pull of ${bandN} N`
}
