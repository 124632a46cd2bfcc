import { describe, expect, it } from 'vitest'
import { VARIATIONS } from '../catalogue'
import { meansOf } from '../programme'
import { context } from '../testing/fixtures'
import { effortAt, keyOf, loadsFor } from './prescribe'
import { takesLoad, settingFor } from './settingFor'

describe('the setting of a set whose amount is given', () => {
  const means = meansOf(context)
  const dose = { sets: 3, amount: 30, unit: 'seconds' as const, restS: 15 }

  it('is the load that lands nearest to what is aimed at, and past the limit only where the lightest is', () => {
    for (const drill of VARIATIONS.filter((one, i) => i % 6 === 0 && takesLoad(one))) {
      const loads = loadsFor(drill, means)
      if (loads.length === 0) continue
      const all = loads.map(load => effortAt(drill, { ...dose, sets: 1 }, { [keyOf(drill)]: load }, means))
      const off = (effort: number): number => Math.abs(effort - means.landing.aim)
      const within = all.filter(({ effort: { effort } }) => effort <= means.landing.limit)
      const open = within.length > 0 ? within : all.slice(0, 1)
      const best = Math.min(...open.map(({ effort: { effort } }) => off(effort)))
      expect([drill.id, off(settingFor(drill, dose, means).effort.effort)]).toEqual([drill.id, expect.closeTo(best, 6)])
    }
  })

  it('is none of a drill that takes no load', () => {
    const plank = VARIATIONS.find(({ id }) => id === 'front-plank.elbows')!
    expect([takesLoad(plank), settingFor(plank, dose, means).setting]).toEqual([false, {}])
  })
})
