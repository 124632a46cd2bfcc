import { expect, it } from 'vitest'
import { FLAG_IDS, FLAGS } from './flags'
import { flagFacts, redFlags } from './marks'

it('knows every flag, and every one eased in what stays of it', () => {
  for (const id of FLAG_IDS) {
    expect(flagFacts(id).name).toBe(FLAGS[id].name)
    expect(flagFacts(`${id}~training`).name.length).toBeGreaterThan(3)
  }
})

it('stops for red ones only, in the order they were given', () => {
  expect(redFlags(['wrist', 'saddleNumbness', 'chestPain'])).toEqual(['saddleNumbness', 'chestPain'])
  expect(redFlags([])).toEqual([])
})
