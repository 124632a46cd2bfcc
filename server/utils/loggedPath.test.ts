import { describe, expect, it } from 'vitest'
import { loggedPath } from './loggedPath'

describe('an address in the log', () => {
  it.each([
    ['/api/athletes?x=1', '/api/athletes'], ['/api/feeds', '/api/feeds'], ['/api/feeds/revoke', '/api/feeds/revoke'],
    ['/api/feeds/ReIGcKJ_Hr2G1mi5k3ImeeDmeR36kjZIjei5LU8goso', '/api/feeds/…'],
    ['/api/feeds/ReIGcKJ_Hr2G1mi5k3ImeeDmeR36kjZIjei5LU8goso.ics?a=b', '/api/feeds/…'],
    ['//api//feeds//secret', '//api//feeds//…'],
    [`/api/${'x'.repeat(500)}`, `/api/${'x'.repeat(195)}`],
  ])('%s is %s', (path, shown) => {
    expect(loggedPath(path)).toBe(shown)
  })
})
