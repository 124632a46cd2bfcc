// npm run faults: the main journey while parts of the product are killed under it. See docs/operations.md.
import { runTrial } from './lib/trial.mjs'

process.exit(await runTrial('faults', { durable: true, poolMax: 4, cluster: 'postgres-faults' }))
