import { expect, it } from 'vitest'
import { PHASES } from '../policy'
import { phaseEmphasis } from './phaseEmphasis'

it('has no word outside a phase nor for what the phase leans to', () => {
  const [mode] = PHASES.offSeason.modes
  expect(phaseEmphasis.breaks({ mode: mode!, phase: null })).toEqual([])
  expect(phaseEmphasis.breaks({ mode: mode!, phase: 'offSeason' })).toEqual([])
  const other = (['ballistic', 'dynamic', 'isometric', 'locomotor'] as const).find(m =>
    !(PHASES.offSeason.modes as readonly string[]).includes(m)
  )
  if (other) expect(phaseEmphasis.breaks({ mode: other, phase: 'offSeason' })).toHaveLength(1)
})
