import { AppError } from '~~/shared/errors'
import { releaseOf } from '../database/migrate'
import { defineOpenRoute, mustBePrepared } from '../utils/defineRoute'
import { useRuntime } from '../utils/runtime'

const RELEASE = { older: 'an older', newer: 'a newer' } as const

/** Ready to serve: the database answers, is of this release, and so does the queue. Says which of them is not. */
export default defineOpenRoute('GET /api/ready', async () => {
  const { db } = useRuntime()
  const { queue } = mustBePrepared()
  await db.raw('select 1')
  const release = await releaseOf(db)
  if (release !== 'this') throw new AppError('notReady', `The database is of ${RELEASE[release]} release.`)
  if (!await queue.answers()) throw new AppError('notReady', 'The queue does not answer.')
  return { status: 'ready', database: 'answers', migrations: 'done', queue: 'answers' }
})
