// npm run restore -- FILE [--yes]: puts a backup in the place of what the database holds now.
import { existsSync } from 'node:fs'
import { restore } from './lib/backups.mjs'
import { execute, serverEnvironment } from './lib/database.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { giveUp, say } from './lib/project.mjs'
import { runningServer } from './lib/server.mjs'

const [file, ...flags] = process.argv.slice(2)
if (!file || !existsSync(file)) giveUp('Say which file: npm run restore -- FILE')
if (runningServer()) giveUp('Stop the server first: npm run stop')
await ensurePackages()
const database = await serverEnvironment()
const { rows: [{ there }] } = await execute(database.url,
  'select to_regclass(\'public.organisation\') is not null as there')
if (there && !flags.includes('--yes')) {
  await database.release()
  giveUp(`This replaces everything the database holds now. If that is meant: npm run restore -- ${file} --yes`)
}
await restore(database.url, file).catch(async (error) => {
  await database.release()
  giveUp(`${error.message}\nNothing was replaced: the database is as it was.`)
})
await database.release()
say('Restored. npm start serves it.')
