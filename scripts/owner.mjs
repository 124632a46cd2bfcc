// npm run owner -- found | invite | recover | verify | rebuild: what the owner of the machine does without a sign-in.
// See docs/operations.md.
import { dirname, join } from 'node:path'
import { ensureBuild, serverEntry } from './lib/build.mjs'
import { serverEnvironment } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { run } from './lib/run.mjs'

await ensurePackages()
await ensureBuild()
const database = await serverEnvironment()
const code = await run(process.execPath, [join(dirname(serverEntry), 'owner.mjs'), ...process.argv.slice(2)], {
  env: { ...process.env, ...database.env },
})
await database.release()
process.exit(code)
