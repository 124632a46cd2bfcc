import { gzipSync } from 'node:zlib'
import type { Page } from '@playwright/test'
import { inBrowser, signIn } from './browser'

const PHONE = { viewport: { width: 390, height: 844 }, serviceWorkers: 'block' } as const
const SLOWER = 4
/** The target: what a phone loads before it shows the day, and when it does. */
const MOST_KB = 150
const MOST_LCP_MS = 1000
const TIMES = 5

interface Visit {
  readonly lcpMs: number
  readonly kb: number
  readonly fontKb: number
  readonly requests: number
}

/** First visits of an athlete's phone to today, on a processor four times slower: bytes by gzip, and largest paint. */
export function benchPhoneLoad(base: string): Promise<string> {
  return inBrowser(async (browser) => {
    const visits: Visit[] = []
    for (let i = 0; i < TIMES; i++) {
      const before = await browser.newContext(PHONE)
      await signIn(await before.newPage(), base, 'ilse@larkholm.example')
      const fresh = await browser.newContext({ ...PHONE, storageState: await before.storageState() })
      visits.push(await visit(await fresh.newPage(), `${base}/today`))
      await Promise.all([before.close(), fresh.close()])
    }
    visits.sort((a, b) => a.lcpMs - b.lcpMs)
    const { lcpMs, kb, fontKb, requests } = visits[Math.floor(TIMES / 2)]!
    return `phone, first today at ${SLOWER}x CPU: largest paint after ${lcpMs} ms (wanted ${MOST_LCP_MS}), `
      + `${kb} kB gzip of page, code and style (wanted ${MOST_KB}) and ${fontKb} kB of fonts in ${requests} requests`
  })
}

async function visit(page: Page, url: string): Promise<Visit> {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  let [bytes, fonts, requests] = [0, 0, 0]
  page.on('response', async (response) => {
    requests += 1
    const body = await response.body().catch(() => Buffer.alloc(0))
    if (response.request().resourceType() === 'font') fonts += body.length
    else bytes += gzipSync(body).length
  })
  await page.addInitScript(() => {
    new PerformanceObserver((list) => {
      for (const { startTime } of list.getEntries()) Object.assign(window, { largestPaint: startTime })
    }).observe({ type: 'largest-contentful-paint', buffered: true })
  })
  await page.goto(url)
  await page.waitForTimeout(4000)
  const lcpMs = await page.evaluate(() => (window as unknown as { largestPaint: number }).largestPaint)
  return { lcpMs: Math.round(lcpMs), kb: Math.round(bytes / 1024), fontKb: Math.round(fonts / 1024), requests }
}
