// npm run timer-drift: half an hour of a throttled tab, every tone against the clock. See docs/operations.md.
import { ensureChromium } from './lib/chromium.mjs'
import { runHardening } from './lib/hardening.mjs'

await ensureChromium()
process.exit(await runHardening('timerDrift', { cluster: 'postgres-faults' }))
