import { gzipSync } from 'node:zlib'
import type { Browser, BrowserContextOptions, Page } from '@playwright/test'
import { signIn } from './browser'

/** How much slower than this machine's the processor is made. */
export const SLOWER = 4
const SETTLED_MS = 4000

/** One visit of a page by somebody who was never there. */
export interface Visit {
  readonly lcpMs: number
  /** What tasks took beyond 50 ms each. */
  readonly blockingMs: number
  readonly kb: number
  readonly fontKb: number
  readonly requests: number
  readonly nodes: number
}

interface Asked {
  /** Who is signed in; null: nobody. */
  readonly email: string | null
  readonly path: string
  readonly times: number
  readonly options: BrowserContextOptions
}

/** First visits of somebody who has nothing of the product yet. */
export async function firstVisits(
  browser: Browser, base: string, { email, path, times, options }: Asked,
): Promise<Visit[]> {
  const visits: Visit[] = []
  for (let i = 0; i < times; i++) {
    const before = await browser.newContext(options)
    if (email) await signIn(await before.newPage(), base, email)
    const fresh = await browser.newContext({ ...options, storageState: await before.storageState() })
    visits.push(await visit(await fresh.newPage(), base + path))
    await Promise.all([before.close(), fresh.close()])
  }
  return visits
}

/** The visit in the middle by its largest paint. */
export const middle = (visits: readonly Visit[]): Visit =>
  [...visits].sort((a, b) => a.lcpMs - b.lcpMs)[Math.floor(visits.length / 2)]!

async function visit(page: Page, url: string): Promise<Visit> {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  let [bytes, fonts, requests] = [0, 0, 0]
  page.on('response', async (response) => {
    requests += 1
    // A line that stays open has no end to be weighed.
    if (response.headers()['content-type']?.includes('event-stream')) return
    const body = await response.body().catch(() => Buffer.alloc(0))
    if (response.request().resourceType() === 'font') fonts += body.length
    else bytes += gzipSync(body).length
  })
  await page.addInitScript(() => {
    Object.assign(window, { largestPaint: 0, blocking: 0 })
    const found = window as unknown as { largestPaint: number, blocking: number }
    new PerformanceObserver((list) => {
      for (const { startTime } of list.getEntries()) found.largestPaint = startTime
    }).observe({ type: 'largest-contentful-paint', buffered: true })
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) found.blocking += duration - 50
    }).observe({ type: 'longtask', buffered: true })
  })
  await page.goto(url)
  await page.waitForTimeout(SETTLED_MS)
  const { lcpMs, blockingMs, nodes } = await page.evaluate(() => {
    const found = window as unknown as { largestPaint: number, blocking: number }
    return {
      lcpMs: found.largestPaint, blockingMs: found.blocking, nodes: document.getElementsByTagName('*').length,
    }
  })
  const kb = (all: number): number => Math.round(all / 1024)
  return {
    lcpMs: Math.round(lcpMs), blockingMs: Math.round(blockingMs), kb: kb(bytes), fontKb: kb(fonts), requests, nodes,
  }
}
