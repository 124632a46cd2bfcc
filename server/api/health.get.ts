import { defineOpenRoute } from '../utils/defineRoute'

/** The process answers: no database asked, so that a restart is not the cure for a database that is away. */
export default defineOpenRoute('GET /api/health', () => Promise.resolve({ status: 'up' }))
