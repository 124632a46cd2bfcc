import { guarded } from '../utils/defineRoute'
import { useRuntime } from '../utils/runtime'

/** Ready to serve: migrated, and the database answers. */
export default guarded(async () => {
  await useRuntime().db.raw('select 1')
  return { status: 'ready' }
})
