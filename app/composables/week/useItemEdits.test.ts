import { beforeEach, describe, expect, it } from 'vitest'
import { computed, ref } from 'vue'
import { findVariation } from '~~/core/catalogue'
import { day, drill, weekOf } from '~~/core/testing/handMade'
import { context } from '~~/core/testing/fixtures'
import { fakeWeek } from '~/testing/editedWeek'
import { useItemEdits } from './useItemEdits'

const plank = { ...drill('front-plank.elbows'), id: 'plank' }
const side = { ...drill('side-plank.feet'), id: 'side' }
const hollow = { ...drill('hollow.tuck'), id: 'hollow' }

function opened(selected: string | null = null) {
  const { week, steps } = fakeWeek(weekOf(day([plank, side]), { ...day([hollow]), id: 'd1', day: 2 }))
  const selectedId = ref(selected)
  const order = computed(() => week.plan.sessions.flatMap(s => s.items.map(i => i.id)))
  const items = () => week.plan.sessions.flatMap(s => s.items)
  return { week, steps, selectedId, order, items, ...useItemEdits(week, selectedId, order, computed(() => context)) }
}
let at: ReturnType<typeof opened>
beforeEach(() => {
  at = opened()
})

describe('a coach’s hand on a week', () => {
  it('steps round through the drills, from either end', () => {
    const seen = [1, 1, 1, 1].map(() => {
      at.select(1)
      return at.selectedId.value
    })
    expect(seen).toEqual(['plank', 'side', 'hollow', 'plank'])
    at.selectedId.value = null
    at.select(-1)
    expect(at.selectedId.value).toBe('hollow')
  })

  it('does one thing to all that are marked, as one step; else to the one selected; else nothing', () => {
    at.setsStep(1)
    expect(at.steps).toHaveLength(0)
    at.selectedId.value = 'side'
    at.setsStep(1)
    expect(at.items().map(i => i.dose.sets)).toEqual(
      [plank, side, hollow].map((i, n) => i.dose.sets + (n === 1 ? 1 : 0)),
    )
    at.mark('plank')
    at.mark('hollow')
    at.mark('gone')
    at.keepIt()
    expect(at.items().map(i => i.kept ?? false)).toEqual([true, false, true])
    expect(at.steps).toHaveLength(2)
    at.keepIt()
    expect(at.items().some(i => i.kept)).toBe(false)
  })

  it('marks and unmarks one, and lets all go', () => {
    at.mark('plank')
    at.mark('side')
    at.mark('plank')
    expect([...at.marked.value]).toEqual(['side'])
    at.mark(null)
    expect(at.marked.value.size).toBe(0)
  })

  it('leaves a drill out and goes on to the next, or to none', () => {
    at.selectedId.value = 'side'
    at.remove()
    expect([at.order.value, at.selectedId.value]).toEqual([['plank', 'hollow'], 'hollow'])
    at.remove()
    at.remove()
    expect([at.order.value, at.selectedId.value]).toEqual([[], null])
  })

  it('adds a drill and selects it; takes a note, and none of blanks', () => {
    at.add('d1', findVariation('press-out.standing')!)
    const added = at.items().at(-1)!
    expect([added.variationId, at.selectedId.value === added.id, added.slot]).toEqual([
      'press-out.standing',
      true,
      'after',
    ])
    // It begins as it would be prescribed: with a load, in an amount that is work.
    expect(added.setting.bandN).toBeGreaterThan(0)
    at.setNote('plank', 'Slow.')
    expect(at.items()[0]!.note).toBe('Slow.')
    at.setNote('plank', '   ')
    expect('note' in at.items()[0]!).toBe(false)
  })

  it('moves to another session', () => {
    at.moveTo('plank', 'd1', { slot: 'finisher', pairedWith: null })
    expect(at.week.plan.sessions[1]!.items.map(i => [i.id, i.slot])).toContainEqual(['plank', 'finisher'])
  })
})
