import { cuesOf, setPhases } from '../core/timer'
import { expect, open, signIn, test } from './helpers'
import { planToday } from './planToday'

const HOLD_S = 20
const DOSE = { sets: 1, amount: HOLD_S, unit: 'seconds', restS: 5 } as const

/** The runner of an athlete with one hold today. */
async function aHold(page: Parameters<typeof signIn>[0]): Promise<void> {
  await signIn(page, 'head@larkholm.example')
  const { id } = await planToday(page, 'Amarel Tide', [['front-plank.wall', HOLD_S]], 1)
  const { session } = await (await page.request.get(`/api/athletes/${id}/today`)).json() as { session: { id: string } }
  await open(page, `/run/${session.id}`)
}

test('a tab that was frozen in the middle of a hold goes on where the clock is', async ({ page, context }) => {
  await aHold(page)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  const startedAt = Date.now()
  // Five seconds to take hold and three of the hold; then the browser lets nothing of the page run.
  await page.waitForTimeout(8000)
  const cdp = await context.newCDPSession(page)
  await cdp.send('Page.setWebLifecycleState', { state: 'frozen' })
  await new Promise(resolve => setTimeout(resolve, 9000))
  await cdp.send('Page.setWebLifecycleState', { state: 'active' })
  await page.waitForTimeout(400)
  const shown = Number((await page.getByRole('timer').innerText()).split('\n')[0])
  const left = HOLD_S + 5 - (Date.now() - startedAt) / 1000
  // The face counts whole seconds, and a press takes a moment to arrive.
  expect(Math.abs(shown - left)).toBeLessThan(1.5)
})

test('the tones of a set sound where its phases turn', async ({ page }) => {
  await page.addInitScript(() => {
    // Sound is drawn instead of played: the very calls that the page makes, at the pace of the processor.
    class Drawn extends OfflineAudioContext {
      constructor() {
        super(1, 44_100 * 30, 44_100)
        Object.assign(window, { drawn: this })
      }

      override resume(): Promise<void> {
        return Promise.resolve()
      }

      // Drawn faster than it is played: its clock is none that a timer could be kept to.
      override get state(): AudioContextState {
        return 'suspended'
      }
    }
    Object.assign(window, { AudioContext: Drawn })
  })
  await aHold(page)
  await page.getByRole('button', { name: 'Start', exact: true }).click()
  const heard = await page.evaluate(async () => {
    const { drawn } = window as unknown as { drawn: OfflineAudioContext }
    const samples = (await drawn.startRendering()).getChannelData(0)
    const begins: number[] = []
    let quiet = Infinity
    for (const [i, sample] of samples.entries()) {
      if (Math.abs(sample) > 0.004) {
        // What is as near as this belongs to the same tone.
        if (quiet > 44_100 * 0.03) begins.push(i / 44_100)
        quiet = 0
      }
      else quiet += 1
    }
    return begins
  })
  const asked = cuesOf(setPhases(DOSE)).map(cue => cue.atS)
  expect(heard).toHaveLength(asked.length)
  for (const [i, atS] of asked.entries()) expect(Math.abs(heard[i]! - atS)).toBeLessThan(0.05)
})
