import { describe, expect, it } from 'vitest'
import { EQUIPMENT, STANDARD } from '../../catalogue'
import { LIFT_IDS } from '../../programme'
import { checkTimetable, timetable, type Room } from '../index'
import { drillNeeds, KEPT_APART, liftNeeds, sessionBlocks, stationName, stationsOf, type FloorItem } from './index'

const GYM = {
  wall: 4, box: 4, bench: 6, band: 20, anchor: 6, cable: 2, wheel: 4, gymBall: 5, medicineBall: 8, slamBall: 4,
  plate: 60, dumbbell: 24, kettlebell: 16, sandbag: 4, barbell: 6, stick: 12, pullUpBar: 4, extensionBench: 1,
  straps: 4, rings: 2, pad: 3, vest: 2, chair: 8, pole: 1, pendulum: 1,
}
const item = (id: string, variationId: string, over: Partial<FloorItem> = {}): FloorItem => ({
  id, variationId, dose: { sets: 2, amount: 30, unit: 'seconds', restS: 30 }, sides: 'both', extraSetSide: null,
  slot: 'after', pairedWith: null, ...over,
})

describe('where something is done', () => {
  it('is a place of the gym for every drill and every lift', () => {
    const known = new Set(stationsOf(GYM).map(({ id }) => id))
    for (const drill of STANDARD.variations) {
      const { needs } = drillNeeds(drill, GYM)
      expect([drill.id, needs.length > 0 && needs.every(id => known.has(id))]).toEqual([drill.id, true])
    }
    for (const lift of LIFT_IDS) expect(liftNeeds(lift).every(id => known.has(id))).toBe(true)
    expect(Object.keys(EQUIPMENT).map(stationName).every(name => name.length > 2)).toBe(true)
  })

  it('is where most have room: two columns are left alone while six anchors are there, not when there are none', () => {
    const press = STANDARD.find('press-out.standing')!
    expect(drillNeeds(press, GYM).needs).toEqual(['anchor', 'band'])
    expect(drillNeeds(press, { ...GYM, anchor: 1 }).needs).toEqual(['cable'])
  })

  it('is a lane for carries, the ball wall for throws, the floor for holds; a partner is a person', () => {
    const at = (is: (v: (typeof STANDARD.variations)[number]) => boolean) =>
      drillNeeds(STANDARD.variations.find(is)!, GYM).needs[0]
    expect(at(v => v.mode === 'locomotor' && v.equipment.length === 0)).toBe('lane')
    expect(at(v => v.id === 'side-plank.feet')).toBe('floor')
    const throws = STANDARD.variations.filter(v =>
      v.mode === 'ballistic' && v.equipment.some(need => need.includes('wall')))
    expect(throws.map(v => drillNeeds(v, GYM).needs[0])).toEqual(throws.map(() => 'ballWall'))
    const helped = STANDARD.variations.find(v => v.equipment.some(need => need.join() === 'partner'))!
    expect(drillNeeds(helped, GYM)).toMatchObject({ partner: true })
    expect(drillNeeds(helped, GYM).needs).not.toContain('partner')
  })
})

describe('the blocks of a session', () => {
  const work = {
    id: 's', lifts: [{ id: 'l', lift: 'backSquat' as const, sets: 3, reps: 3, percent1Rm: 90 }],
    items: [
      item('wake', 'side-plank.feet', { slot: 'activation' }), item('rest', 'press-out.standing', {
        slot: 'paired', pairedWith: 'l', dose: { sets: 3, amount: 6, unit: 'reps', restS: 60 },
      }),
      item('one', 'front-plank.elbows'), item('two', 'side-plank.feet', { sides: 'each' }),
      item('home', 'front-plank.elbows', { slot: 'home' }),
    ],
  }

  it('are as long as on the week sheet, in the order of doing, joined where nobody moves', () => {
    // 110 s are 4 half-minutes; 110 and 170 s are joined.
    const blocks = sessionBlocks(work, STANDARD, GYM)
    expect(blocks.map(({ items, needs, watched }) => [items, needs, watched])).toEqual([
      [['wake'], ['floor'], false], [['rest'], ['barbell', 'anchor', 'band'], true], [['one', 'two'], ['floor'], false],
    ])
    expect([blocks[0]!.ticks, blocks[2]!.ticks]).toEqual([4, 4 + 6])
  })

  it('hold a circuit whole, where its first station stands, as long as it lasts, with all that it needs', () => {
    const circuit = { id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' as const }
    const items = [
      item('before', 'front-plank.elbows'), item('a', 'press-out.standing', { circuit: 'c' }),
      item('after', 'side-plank.feet'), item('b', 'side-plank.feet', { circuit: 'c', sides: 'each' }),
      item('crawl', 'quadruped.crawl', { circuit: 'c', between: true }),
    ]
    const blocks = sessionBlocks({ id: 's', lifts: [], items, circuits: [circuit] }, STANDARD, GYM)
    expect(blocks.map(one => one.items)).toEqual([['before'], ['a', 'b', 'crawl'], ['after']])
    // Two rounds of 30 + 30 + 30 s, 60 s between them, 20 s to get there: 260 s are nine half-minutes.
    expect(blocks[1]!.ticks).toBe(9)
    expect(blocks[1]!.needs).toEqual(expect.arrayContaining(['anchor', 'band', 'floor', 'lane']))
  })

  it('are watched where something is new', () => {
    const blocks = sessionBlocks(work, STANDARD, GYM, id => id === 'front-plank.elbows')
    expect(blocks.map(({ watched }) => watched)).toEqual([false, true, true])
  })

  it('make a room that can be walked, with throws and carries apart', () => {
    const room: Room = {
      places: stationsOf(GYM), apart: KEPT_APART, moveTicks: 1, coach: { atOnce: 2 },
      athletes: Array.from({ length: 12 }, (_, i) => ({
        id: `athlete ${i}`, from: 0, until: null, order: 'strict',
        blocks: sessionBlocks({ ...work, id: `${i}` }, STANDARD, GYM),
      })),
    }
    const answer = timetable(room)
    expect(checkTimetable(room, answer)).toEqual([])
    expect(answer.left).toEqual([])
  })
})
