// npm run fuzz: wrong, huge and hostile requests at every route. See docs/operations.md.
import { runTrial } from './lib/trial.mjs'

process.exit(await runTrial('fuzz'))
