import { expect, it } from 'vitest'
import { STANDARD } from '../catalogue'
import type { Step } from './decision'
import { athleteText, changeText } from './words'

const step = (variationId: string, over: Partial<Step> = {}): Step => ({
  variationId, dose: { sets: 3, amount: 5, unit: 'reps', restS: 45 }, setting: { bandN: 100 }, effort: 0.5, ...over,
})
const from = step('press-out.standing')
const longer = step(from.variationId, { dose: { ...from.dose, amount: 7 } })
const heavier = step(from.variationId, { setting: { bandN: 110 } })
const above = step('press-out.standing-hold', { dose: { ...from.dose, sets: 2 } })

it('a change is one variable, or where something begins', () => {
  const texts = [longer, heavier, above].map(to => changeText({ from, to }, STANDARD))
  expect(texts).toEqual(['5 → 7 reps', '100 → 110 N', 'begin with 2 × 5 a side against 100 N'])
})

it('the athlete is told in a sentence what changes, and nothing where nothing does', () => {
  const told = (kind: Parameters<typeof athleteText>[0]['kind'], to: Step | null) =>
    athleteText({ kind, from, to }, STANDARD)
  expect(told('stay', null)).toBe('')
  expect(told('more', longer)).toMatch(/^A little more: .*, 5 → 7 reps\.$/)
  expect(told('up', above)).toMatch(/^You move up: .*, begin with 2 × 5/)
  expect(told('down', step('press-out.half-kneeling'))).toMatch(/^A step back to get it clean: /)
  expect(told('swap', step('press-out.half-kneeling'))).toContain('takes the place of')
  expect(told('refer', null)).toContain('waits until somebody qualified')
})
