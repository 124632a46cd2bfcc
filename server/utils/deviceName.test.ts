import { expect, it } from 'vitest'
import { deviceName } from './deviceName'

it('a device is named by its browser and its system', () => {
  const phone = 'Mozilla/5.0 (Android 14; Mobile; rv:131.0) Gecko/131.0 Firefox/131.0'
  expect(deviceName(phone)).toBe('Firefox on Android')
  expect(deviceName(undefined)).toBe('A device that does not say')
  expect(deviceName('x'.repeat(100_000))).toBe('A device that does not say')
})
