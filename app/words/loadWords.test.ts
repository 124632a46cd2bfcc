import { expect, it } from 'vitest'
import { loadIn } from './loadWords'

it.each([
  [{ loadKg: 40 }, 'kg', '40 kg'], [{ loadKg: 40 }, 'lb', '88.2 lb'], [{ bandN: 120 }, 'lb', 'pull of 120 N'],
  [{ stance: 'wide' }, 'kg', ''],
] as const)('%j in %s is %j', (setting, mass, text) => {
  expect(loadIn(setting, { mass, length: 'cm' })).toBe(text)
})
