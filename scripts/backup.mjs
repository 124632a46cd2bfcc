// npm run backup [-- --to FILE]: the whole database as one file, made by PostgreSQL's own tool while the product runs.
import { join } from 'node:path'
import { backup } from './lib/backups.mjs'
import { serverEnvironment } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { inData, say } from './lib/project.mjs'

await ensurePackages()
const at = process.argv.indexOf('--to')
const stamp = new Date().toISOString().replaceAll(':', '-').slice(0, 19)
const file = at > 0 ? process.argv[at + 1] : join(inData(), 'backups', `keen-anchor-${stamp}.dump`)
const database = await serverEnvironment()
await backup(database.url, file)
await database.release()
say(`Stored: ${file}`)
