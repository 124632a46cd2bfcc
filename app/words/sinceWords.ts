import { BREAK_POINTS, KNOWN_DAYS } from '~~/core/assessment'
import { formatAmount } from '~~/core/dose'
import type { PrescribedItem, Units } from '~~/shared/types'
import { dayMonth, measures } from './inWords'
import { loadIn } from './loadWords'

/** What is different from the last time, in a sentence or two; empty where nothing is known. */
export function sinceText({ last, dose, setting }: PrescribedItem, units: Units): string {
  if (last === undefined) return ''
  if (last === null) return `New, or not done for ${KNOWN_DAYS / 7} weeks.`
  const load = loadIn(last.setting, units)
  const what = `${last.sets} × ${formatAmount(last.amount, last.unit)}${load ? `, ${load}` : ''}`
  const how = [
    ...last.effort === null ? [] : [`effort ${last.effort}`],
    ...last.broke === null ? [] : [BREAK_POINTS[last.broke].toLowerCase()],
  ]
  const then = `${dayMonth(last.day)}: ${[what, ...how].join(', ')}.`
  if (last.rungs > 0) return `A step up from ${last.name.toLowerCase()}, ${then}`
  if (last.rungs < 0) return `A step back from ${last.name.toLowerCase()}, ${then}`
  // Seconds of a circuit are neither more nor less than repeats.
  if (last.unit !== dose.unit) return `Last time, ${then}`
  const changes = changesOf({ last, dose, setting }, units)
  return `Last time, ${then} ${changes.length > 0 ? `Now ${changes.join(', ')}.` : 'The same again.'}`
}

type Known = Pick<PrescribedItem, 'dose' | 'setting'> & { readonly last: NonNullable<PrescribedItem['last']> }

function changesOf({ last, dose, setting }: Known, units: Units): string[] {
  const { mass, showMass } = measures(units)
  const by = (difference: number, text: string): string[] =>
    (difference === 0 ? [] : [`${text} ${difference > 0 ? 'more' : 'less'}`])
  const kg = (setting.loadKg ?? 0) - (last.setting.loadKg ?? setting.loadKg ?? 0)
  const pull = (setting.bandN ?? 0) - (last.setting.bandN ?? setting.bandN ?? 0)
  const sets = dose.sets - last.sets
  const amount = dose.amount - last.amount
  return [
    ...by(kg, `${showMass(Math.abs(kg))} ${mass}`), ...by(pull, `${Math.abs(pull)} N`),
    ...by(amount, formatAmount(Math.abs(amount), dose.unit)),
    ...by(sets, `${Math.abs(sets)} ${Math.abs(sets) === 1 ? 'set' : 'sets'}`),
  ]
}
