import { inBrowser } from './browser'
import { firstVisits, middle, SLOWER } from './visit'

const PHONE = { viewport: { width: 390, height: 844 }, serviceWorkers: 'block' } as const
/** The target: what a phone loads before it shows the day, and when it does. */
const MOST_KB = 150
const MOST_LCP_MS = 1000

/** First visits of an athlete's phone to today, on a processor four times slower: bytes by gzip, and largest paint. */
export function benchPhoneLoad(base: string): Promise<string> {
  return inBrowser(async (browser) => {
    const asked = { email: 'ilse@larkholm.example', path: '/today', times: 9, options: PHONE }
    const visits = await firstVisits(browser, base, asked)
    const { lcpMs, kb, fontKb, requests } = middle(visits)
    const all = visits.map(visit => visit.lcpMs).sort((a, b) => a - b)
    return `phone, first today at ${SLOWER}x CPU: largest paint after ${lcpMs} ms (${all.join(', ')}; wanted `
      + `${MOST_LCP_MS}), ${kb} kB gzip of page, code and style (wanted ${MOST_KB}) and ${fontKb} kB of fonts in `
      + `${requests} requests`
  })
}
