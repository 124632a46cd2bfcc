import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import SessionEffort from './SessionEffort.vue'

const open = (told: { day: string, effort: number, minutes: number } | null) =>
  mount(SessionEffort, { props: { told, minutes: 55 } })

it('how hard a session was is one press, with the minutes as planned or corrected', async () => {
  const asked = open(null)
  await asked.find('[aria-label="Session effort 6 of 10"]').trigger('click')
  await asked.find('input').setValue('40')
  await asked.find('[aria-label="Session effort 0 of 10"]').trigger('click')
  expect(asked.emitted('tell')).toEqual([[6, 55], [0, 40]])
})

it('says what is wrong with the minutes and tells nothing then', async () => {
  const asked = open(null)
  await asked.find('input').setValue('a lot')
  await asked.find('[aria-label="Session effort 6 of 10"]').trigger('click')
  expect(asked.text()).toContain('Minutes go from 1 to 600.')
  expect(asked.emitted('tell')).toBeUndefined()
})

it('is not asked again once it is told', () => {
  expect(open({ day: '2026-03-04', effort: 6, minutes: 50 }).text()).toContain('6 of 10 over 50 min')
})
