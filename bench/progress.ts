import { chance } from '~~/demo/random'
import { simulateProgress } from '~~/demo/simulateProgress'

const [ATHLETES, WEEKS, SEED] = [200, 26, 77]

/** Half a year of decisions for many athletes with hidden trunks, against somebody who always adds two. */
export function benchProgress(): string {
  const [rules, always] = (['rules', 'always'] as const).map(decider =>
    simulateProgress(chance(SEED), { athletes: ATHLETES, weeks: WEEKS, decider }))
  if (!rules || !always) throw new Error('Two deciders make two seasons.')
  const percent = ({ beyond, sets }: typeof rules): string => `${(100 * beyond / sets).toFixed(1)} %`
  const off = (error = 0): string => `${(100 * error).toFixed(1)} %`
  return [
    `Decisions, ${ATHLETES} athletes x ${WEEKS} weeks: ${rules.sets} sets`,
    `${percent(rules)} asked for more than was there`,
    `${percent(always)} where two more are always added`,
    `strangers’ trunks are ${off(rules.errors[0])} off, measured ones ${off(rules.errors[1])} after a week`
      + ` and ${off(rules.errors.at(-1))} at the end`,
    `${rules.rungs.toFixed(1)} rungs up, ${always.rungs.toFixed(1)} where two more are added`,
    `decided ${JSON.stringify(rules.decisions)}`,
  ].join('; ')
}
