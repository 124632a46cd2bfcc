// npm run fuzz: wrong, huge and hostile requests at every route. See docs/operations.md.
import { runHardening } from './lib/hardening.mjs'

process.exit(await runHardening('fuzz'))
