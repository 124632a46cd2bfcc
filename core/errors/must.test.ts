import { describe, expect, it } from 'vitest'
import { must } from './must'

describe('a value that has to be there', () => {
  it.each([0, '', false, [] as never[]])('%j is one', (value) => {
    expect(must(value)).toBe(value)
  })

  it.each([null, undefined])('%s stops the program', (value) => {
    expect(() => must(value)).toThrow('Something that must be there is not.')
  })
})
