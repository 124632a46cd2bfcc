import { AppError } from '~~/shared/errors'
import { pendingMigrations } from '../database/migrate'
import { defineOpenRoute, mustBePrepared } from '../utils/defineRoute'
import { useRuntime } from '../utils/runtime'

/** Ready to serve: the database answers, is of this release, and so does the queue. Says which of them is not. */
export default defineOpenRoute('GET /api/ready', async () => {
  const { db } = useRuntime()
  const { queue } = mustBePrepared()
  await db.raw('select 1')
  if (await pendingMigrations(db) > 0) throw new AppError('notReady', 'The database is of an older release.')
  if (!await queue.answers()) throw new AppError('notReady', 'The queue does not answer.')
  return { status: 'ready', database: 'answers', migrations: 'done', queue: 'answers' }
})
