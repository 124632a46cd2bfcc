import type { CDPSession } from '@playwright/test'
import { inBrowser, signIn } from './browser'
import { firstVisits, middle, SLOWER } from './visit'

const DESK = { viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' } as const
const HEAD = 'head@larkholm.example'
const TIMES = 3
const PAGES = [
  ['sign-in', '/sign-in', null], ['roster', '/roster', HEAD], ['day', '/day', HEAD], ['season', '/season', HEAD],
  ['catalogue', '/catalogue', HEAD], ['decisions', '/decisions', HEAD], ['test desk', '/tests/squad', HEAD],
] as const

/** First visits of the main pages of the desk, on a processor four times slower. */
export function benchPages(base: string): Promise<string> {
  return inBrowser(async (browser) => {
    const lines: string[] = []
    for (const [name, path, email] of PAGES) {
      const visits = await firstVisits(browser, base, { email, path, times: TIMES, options: DESK })
      const { lcpMs, blockingMs, kb, requests, nodes } = middle(visits)
      lines.push(`  ${name}: ${kb} kB gzip in ${requests} requests, largest paint ${lcpMs} ms, `
        + `blocked ${blockingMs} ms, ${nodes} nodes`)
    }
    return [`first visits at ${SLOWER}x CPU, the middle one of ${TIMES}:`, ...lines].join('\n')
  })
}

const ROOMS = ['Roster', 'Season', 'Catalogue', 'Test desk', 'Today'] as const
const [EARLY, LATE] = [40, 200]

/** What a page that stays open holds after many changes of room, against what it holds after few. */
export function benchPageChanges(base: string): Promise<string> {
  return inBrowser(async (browser) => {
    const page = await (await browser.newContext(DESK)).newPage()
    await signIn(page, base, HEAD)
    const cdp = await page.context().newCDPSession(page)
    const held: number[] = []
    for (let change = 1; change <= LATE; change++) {
      const rooms = page.getByRole('navigation', { name: 'Rooms' })
      await rooms.getByRole('link', { name: ROOMS[change % ROOMS.length]!, exact: true }).click()
      await page.getByRole('heading', { level: 1 }).waitFor()
      if (change === EARLY || change === LATE) held.push(await heapOf(cdp))
    }
    const [early, late] = held.map(bytes => Math.round(bytes / 1024 / 1024))
    return `page changes: ${early} MB held after ${EARLY}, ${late} MB after ${LATE}, ratio ${
      (held[1]! / held[0]!).toFixed(2)}`
  })
}

async function heapOf(cdp: CDPSession): Promise<number> {
  await cdp.send('HeapProfiler.enable')
  await cdp.send('HeapProfiler.collectGarbage')
  return (await cdp.send('Runtime.getHeapUsage')).usedSize
}
