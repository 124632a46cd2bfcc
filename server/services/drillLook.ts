import type { Variation } from '~~/core/catalogue'
import { drillFigures, type Figure, type Spot } from '~~/core/mechanics'
import { SOMEBODYS_BODY } from '~~/shared/somebody'
import type { DrillLook } from '~~/shared/types'

/** Drawn once each: a drill of the catalogue is the same object as long as it is the same drill. */
const looks = new WeakMap<Variation, DrillLook>()

/** What a drill looks like, for whoever shows it without the catalogue. */
export function drillLook(drill: Variation): DrillLook {
  const known = looks.get(drill)
  if (known) return known
  const found = drillFigures(drill, SOMEBODYS_BODY)
  const look: DrillLook = {
    shares: drill.shares,
    figures: found && {
      start: found.start && onPaper(found.start), end: onPaper(found.end), isPicture: found.isPicture,
    },
  }
  looks.set(drill, look)
  return look
}

const TENTH_MM = 1e4
const round = (value: number): number => Math.round(value * TENTH_MM) / TENTH_MM
const spot = ([x, y]: Spot): Spot => [round(x), round(y)]

/** To a tenth of a millimetre: nobody sees more, and it is half as long. */
function onPaper({ far, near, trunk, girdles, head, lumbar, contacts, loads, box }: Figure): Figure {
  const lines = (all: readonly (readonly Spot[])[]): Spot[][] => all.map(line => line.map(spot))
  return {
    far: lines(far), near: lines(near), girdles: lines(girdles), trunk: trunk.map(spot), lumbar: spot(lumbar),
    head: { at: spot(head.at), radiusM: round(head.radiusM) },
    contacts: contacts.map(({ at, forceN, pull }) => ({ at: spot(at), forceN: Math.round(forceN), pull: spot(pull) })),
    loads: loads.map(load => ({
      ...load, at: spot(load.at), direction: spot(load.direction), forceN: Math.round(load.forceN),
    })),
    box: { left: round(box.left), right: round(box.right), bottom: round(box.bottom), top: round(box.top) },
  }
}
