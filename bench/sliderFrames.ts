import { inBrowser, signIn } from './browser'
import { spread } from './timing'

/** Runs in the page, as text: the build of this script must not touch it. */
const MOVE_EACH_FRAME = `new Promise((resolve) => {
  const input = document.querySelector('input[type=range]')
  const times = []
  let last = performance.now()
  let n = 0
  function tick(now) {
    times.push(now - last)
    last = now
    if (++n > 300) { resolve(times.slice(10)); return }
    input.value = String((n % 24) * 2.5)
    input.dispatchEvent(new Event('input', { bubbles: true }))
    requestAnimationFrame(tick)
  }
  requestAnimationFrame(tick)
})`

/** Frame times in headless Chromium while a slider of the ladder bench is moved at every frame. */
export function benchSliderFrames(baseUrl: string): Promise<string> {
  return inBrowser(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await signIn(page, baseUrl, 'head@larkholm.example')
    const { rows: [first] } = await (await page.request.get(`${baseUrl}/api/athletes`)).json() as {
      rows: { athlete: { id: string } }[]
    }
    await page.goto(`${baseUrl}/ladders/${first!.athlete.id}?ladder=front-plank`)
    await page.getByRole('button', { name: /^Elbow plank, weight on the back/ }).click()
    const frames = await page.evaluate<number[]>(MOVE_EACH_FRAME)
    const { median, p95 } = spread(frames)
    return `slider frames in headless Chromium: median ${median.toFixed(1)} ms, p95 ${
      p95.toFixed(1)
    } ms against 16.7 ms (${frames.length} frames)`
  })
}
