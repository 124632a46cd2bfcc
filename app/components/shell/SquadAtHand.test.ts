import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import SquadAtHand from './SquadAtHand.vue'

it('says that there are more than are at hand, and takes a squad or everybody', async () => {
  const bar = mount(SquadAtHand, {
    props: { groups: [{ id: 'g', name: 'Judo' }], chosen: null, shown: 100, more: true },
  })
  expect(bar.text()).toContain('The first 100 by name are at hand')
  await bar.find('select').setValue('g')
  await bar.find('select').setValue('')
  expect(bar.emitted('take')).toEqual([['g'], [null]])
  await bar.setProps({ chosen: 'g', more: false })
  expect(bar.text()).not.toContain('at hand.')
})
