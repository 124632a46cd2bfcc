// npm run backup [-- --to FILE]: the whole database as one file, made by PostgreSQL's own tool while the product runs.
import { join } from 'node:path'
import { backup } from './lib/backups.mjs'
import { serverEnvironment } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { giveUp, inData, say } from './lib/project.mjs'

await ensurePackages()
const at = process.argv.indexOf('--to')
const stamp = new Date().toISOString().replaceAll(':', '-').slice(0, 19)
const file = at > 0 ? process.argv[at + 1] : join(inData(), 'backups', `keen-anchor-${stamp}.dump`)
const database = await serverEnvironment()
// Row-level security hides rows even from the tables' owner: a role made for backups reads past it.
await backup(process.env.BACKUP_DATABASE_URL ?? database.url, file).catch(async (error) => {
  await database.release()
  giveUp(error.message)
})
await database.release()
say(`Stored: ${file}`)
