// npm run floor-faults: two tablets log while browsers, lines and servers fail under them. See docs/operations.md.
import { ensureChromium } from './lib/chromium.mjs'
import { runHardening } from './lib/hardening.mjs'

await ensureChromium()
process.exit(await runHardening('floorFaults', { durable: true, cluster: 'postgres-faults' }))
