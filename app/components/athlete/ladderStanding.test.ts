import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { STANDARD, rungsOf } from '~~/core/catalogue'
import { context } from '~~/core/testing/fixtures'
import LadderStanding from './LadderStanding.vue'

const shown = (stands: readonly string[]) =>
  mount(LadderStanding, { props: { screen: { ...context.screen, rungs: rungsOf(stands, STANDARD) } } })

it('shows the branches that were begun with what opens them, and names the others that could be', () => {
  const wrapper = shown(['rotation.chop-half-kneeling'])
  expect(wrapper.findAll('li').map(row => row.find('b').text())).toEqual([
    'Band turn, half kneeling', 'Half-kneeling chop, high to low',
  ])
  expect(wrapper.text()).toContain('Open at the ground:')
  expect(wrapper.text()).toContain('Side plank: held')
  // Nothing opens the fast branch yet.
  expect(wrapper.text()).not.toContain('Rotation: fast')
})

it('shows the ground of every ladder to whoever has begun nothing', () => {
  expect(shown([]).findAll('li')).toHaveLength(STANDARD.ladders.length)
})
