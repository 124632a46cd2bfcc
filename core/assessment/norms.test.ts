import { describe, expect, it } from 'vitest'
import { standingOf } from './norms'

const man = { sex: 'male', ageYears: 22 } as const
const woman = { sex: 'female', ageYears: 22 } as const

describe('published values (McGill, Childs & Liebenson 1999, recalled)', () => {
  it.each(
    [
      ['extensor', null, 146, man, 0], ['extensor', null, 197, man, 1], ['extensor', null, 129, woman, -1],
      ['flexor', null, 68, man, -1], ['sideBridge', 'right', 128, man, 1], ['sideBridge', 'left', 62, man, -1],
      ['sideBridge', 'left', 112, woman, 1], ['sideBridge', 'right', 41, woman, -1],
    ] as const,
  )('%s %s %f s is z for %o: %f', (test, side, value, person, z) => {
    expect(standingOf(test, side, value, person)).toMatchObject({ known: true, z })
  })

  it.each([[34, 'far below'], [42, 'far below'], [44, 'below'], [76, 'below'], [78, 'about'], [110, 'about'],
    [112, 'above'], [146, 'far above']] as const)('a right side of %f s lies in the band %s', (value, band) => {
    expect(standingOf('sideBridge', 'right', value, man)).toMatchObject({ band })
  })

  it('stand beside the means of the textbook, sex by sex and side by side', () => {
    const means = [man, woman].map(who => [
      ...(['extensor', 'flexor'] as const).map(test => standingOf(test, null, 100, who)),
      ...(['right', 'left'] as const).map(side => standingOf('sideBridge', side, 100, who)),
    ].map(found => found.known && found.textbookMean))
    expect(means).toEqual([[161, 136, 95, 99], [185, 134, 75, 78]])
  })

  it('are told to nobody but the people who were measured', () => {
    expect(standingOf('extensor', null, 100, { sex: 'male', ageYears: 17 })).toMatchObject({
      known: false, why: expect.stringContaining('under 18'),
    })
    expect(standingOf('extensor', null, 100, { sex: 'male', ageYears: 48 })).toMatchObject({
      known: false, why: expect.stringContaining('over 34'),
    })
    expect(standingOf('extensor', null, 100, { sex: 'male', ageYears: null })).toMatchObject({ known: false })
    expect(standingOf('hollow', null, 100, man)).toMatchObject({
      known: false, why: expect.stringContaining('No published values'),
    })
  })
})
