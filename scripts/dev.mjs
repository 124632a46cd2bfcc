// npm run dev: the application with hot reload on the same private database.
import { serverEnvironment } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { bin, run } from './lib/run.mjs'

await ensurePackages()
const database = await serverEnvironment()
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => {})
const code = await run(bin('nuxt'), ['dev', '--host', '127.0.0.1'], {
  env: { ...process.env, ...database.env, LOAD_DEMO: process.env.LOAD_DEMO ?? '1', NUXT_TELEMETRY_DISABLED: '1' },
})
await database.release()
process.exit(code)
