import { describe, expect, it } from 'vitest'
import { CENTRE } from '../../testing/centreAthletes'
import { notSigned } from '../../testing/coachStandard'
import { proposeByEffort } from './proposeByEffort'

describe('a week by effort', () => {
  it.each(CENTRE)('is signed by a coach: $name', ({ request, sessions }) => {
    expect(notSigned(request, proposeByEffort(request, sessions))).toEqual([])
  })
})
