import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { catalogueWith, rungsOf, type OwnCatalogue } from '~~/core/catalogue'
import { earlierRelease } from '../testing/earlierRelease'
import { migrate } from './migrate'

let before: Awaited<ReturnType<typeof earlierRelease>>
beforeAll(async () => { before = await earlierRelease('0010_openings') })
afterAll(() => before.drop())

/** Rungs of the release before that have the most below them, ladder by ladder. */
const TOPS = {
  brace: 9, 'front-plank': 10, 'plank-limbs': 6, rollout: 11, hollow: 10, 'dead-bug': 9, quadruped: 10,
  'side-plank': 10, 'press-out': 11, carries: 8, rotation: 20, flexion: 19, compression: 11, levers: 9, posterior: 14,
  balance: 6, 'inside-lift': 7,
}

describe('a database of the release in which a ladder was one chain', () => {
  it('has everybody on the drills they stood on, and own drills level with those they stood level with', async () => {
    const { owner, url } = before
    const organisation = randomUUID()
    const [someone, able, own] = [randomUUID(), randomUUID(), randomUUID()]
    const drill = { id: 'side-plank.own-mine', ladder: 'side-plank', rung: 5 }
    const tall = { id: 'own-tall.own-seat', ladder: 'own-tall', rung: 2 }
    await owner.raw('alter table organisation no force row level security')
    await owner.raw(`
      select set_config('keen.organisation', '${organisation}', false), set_config('keen.role', 'system', false);
      insert into organisation (id, name, time_zone) values ('${organisation}', 'Old', 'UTC');
      insert into own_catalogue (organisation_id, version, document) values ('${organisation}', 1, '${
        JSON.stringify({ ladders: [{ id: 'own-tall' }], variations: [drill, tall] })}');`)
    const add = (id: string, rungs: object) => owner.raw(
      `insert into athlete (id, organisation_id, name, goal, sport, position, sex, height_cm, mass_kg, birth_year,
        training_age_years, equipment, available, brace_step, rungs)
      values (?, ?, 'Somebody', '', 'general', '', 'female', 170, 60, 2000, 3, '{}', '[]', 7, ?)`,
      [id, organisation, JSON.stringify(rungs)],
    )
    await add(someone, { rotation: 12, 'front-plank': 5, carries: 1 })
    await add(able, TOPS)
    await add(own, { 'own-tall': 2, 'side-plank': 99 })
    await migrate(url, null, '2026-03-04')
    const stands = async (id: string): Promise<string[]> =>
      (await owner('athlete').where({ id }).select<{ stands: string[] }[]>('stands'))[0]!.stands
    // Rotation 12 was the half-kneeling lift: all that stood below it is reached on the other branches.
    expect((await stands(someone)).sort()).toEqual([
      'carries.march-hold', 'front-plank.elbows', 'rotation.band-punch', 'rotation.lift-half-kneeling',
      'rotation.seated-turn', 'rotation.stick-turn',
    ])
    const [{ document }] = await owner('own_catalogue').select<{ document: OwnCatalogue }[]>('document') as [
      { document: OwnCatalogue },
    ]
    expect(document.variations).toEqual([{ ...drill, beside: 'side-plank.top-leg-raised' }, tall])
    expect(await stands(own)).toContain('own-tall.own-seat')
    // Whoever stood at the top of everything has what was the top of every branch, whatever has been put in since.
    expect(await stands(able)).toEqual(expect.arrayContaining([
      'rotation.stick-turn', 'rotation.lunge-arc', 'rotation.swing', 'flexion.overhead-slam',
    ]))
    const rungs = rungsOf(await stands(able), catalogueWith({ ladders: [], variations: [] }))
    expect(rungs).toMatchObject({ rotation: 4, 'rotation:chops': 4, 'flexion:fast': 1 })
  })
})
