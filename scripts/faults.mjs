// npm run faults: the main journey while parts of the product are killed under it. See docs/operations.md.
import { runHardening } from './lib/hardening.mjs'

process.exit(await runHardening('faults', { durable: true, poolMax: 4, cluster: 'postgres-faults' }))
