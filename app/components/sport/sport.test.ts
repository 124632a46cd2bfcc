import { mount } from '@vue/test-utils'
import { nextTick, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { sportOf, type SportEdits, type SportProfileId } from '~~/core/programme'
import { useSportDraft } from '~/composables/useSportDraft'
import SportLeaning from './SportLeaning.vue'
import SportPositions from './SportPositions.vue'
import SportSettle from './SportSettle.vue'
import SportShares from './SportShares.vue'
import SportTimes from './SportTimes.vue'

const running = sportOf('running')

describe('the page of a sport', () => {
  it('says why each action has its share, and takes a share in per cent within its limits', async () => {
    const wrapper = mount(SportShares, { props: { sport: running, ours: running, editable: true } })
    expect(wrapper.text()).toContain('Each stance drops the pelvis if nothing holds it.')
    const field = wrapper.get('#share-rotation')
    await field.setValue('12,4')
    await field.setValue('90')
    await field.setValue('nonsense')
    await field.setValue('')
    expect(wrapper.emitted('put')).toEqual([['rotation', 12], ['rotation', 60], ['rotation', null]])
  })

  it('shows ours where the organisation says otherwise, and no field to whoever may not settle it', () => {
    const edited = sportOf('running', { running: { weights: { rotation: 30 }, times: {}, faults: null, why: 'x' } })
    const wrapper = mount(SportShares, { props: { sport: edited, ours: running, editable: false } })
    expect(wrapper.text()).toContain('Ours: 6 %.')
    expect(wrapper.find('input').exists()).toBe(false)
  })

  it('asks for a thing more often, or for a thing that the sport did not know', async () => {
    const wrapper = mount(SportTimes, { props: { sport: running, ours: running, editable: true } })
    await wrapper.get('[aria-label="a loaded carry, In-season"]').setValue('9')
    await wrapper.get('[aria-label="Ask for fast work"]').trigger('click')
    expect(wrapper.emitted('put')).toEqual([['carry', 'inSeason', 7], ['fast', 'preSeason', 1]])
  })

  it('names the side a position asks more of, and the faults in the order they are looked at', async () => {
    expect(mount(SportPositions, { props: { sport: 'paddling' } }).text()).toMatch(/Left-side paddler.*on the right/s)
    const wrapper = mount(SportLeaning, { props: { sport: running, editable: true } })
    const pressed = wrapper.findAll('[aria-pressed="true"]').map(chip => chip.text())
    expect(pressed.filter(text => text.startsWith('1'))).toEqual([
      '1hips sag or drop', '1one leg', '1limbs move, trunk still',
    ])
    await wrapper.findAll('button')[0]!.trigger('click')
    await wrapper.get('[aria-label="Weeks of In-season"]').setValue('70')
    expect([wrapper.emitted('fault'), wrapper.emitted('weeks')]).toEqual([[['arches']], [['inSeason', 52]]])
    const read = mount(SportLeaning, { props: { sport: running, editable: false } })
    expect(read.findAll('button, input')).toHaveLength(0)
    expect(read.text()).toContain('hips sag or drop')
  })
})

describe('what is settled about a sport', () => {
  const bar = (over: object) =>
    mount(SportSettle, {
      props: {
        why: '', changed: true, settled: true, whyMissing: '', told: '', problem: '', busy: false, ...over,
      },
    })

  it('is stored with a reason, left, or taken back, and says what is missing beside the field', async () => {
    const wrapper = bar({ whyMissing: 'Say why.' })
    expect(wrapper.text()).toContain('Say why.')
    await wrapper.get('input').setValue('We turn.')
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    expect([wrapper.emitted('say'), wrapper.emitted('save')?.length, wrapper.emitted('leave')?.length]).toEqual([
      [['We turn.']], 1, 1,
    ])
    const settled = bar({ changed: false })
    await settled.get('button').trigger('click')
    expect(settled.emitted('takeBack')).toHaveLength(1)
    expect(bar({ changed: false, settled: false }).find('button').exists()).toBe(false)
  })
})

describe('a sport while it is changed', () => {
  it('is looked at before anything is stored, and gone with another sport', async () => {
    const edits = ref<SportEdits>({})
    const id = ref<SportProfileId>('running')
    const { changed, sport, setShare, setTimes, toggleFault, togglePosture, toggleMode, setWeeks, leave } =
      useSportDraft(edits, id)
    setShare('rotation', 40)
    setTimes('carry', 'taper', 2)
    toggleFault('sags')
    expect([changed.value, sport.value.times.carry?.taper, sport.value.character.faults]).toEqual([
      true, 2, ['leans', 'turns'],
    ])
    expect(sport.value.weights.rotation).toBeGreaterThan(0.25)
    setShare('rotation', null)
    expect(sport.value.weights).toEqual(running.weights)
    togglePosture('hanging')
    toggleMode('limbMoving')
    setWeeks('inSeason', 30)
    expect(sport.value.character).toMatchObject({
      postures: [...running.character.postures, 'hanging'], modes: ['isometric', 'balance'],
      season: { ...running.character.season, inSeason: 30 },
    })
    leave()
    expect(changed.value).toBe(false)
    toggleFault('neck')
    id.value = 'rowing'
    await nextTick()
    expect([changed.value, sport.value.id]).toEqual([false, 'rowing'])
  })
})
