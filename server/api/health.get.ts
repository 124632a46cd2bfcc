import { defineEventHandler } from 'h3'

/** The process answers: no database asked, so that a restart is not the cure for a database that is away. */
export default defineEventHandler(() => ({ status: 'up' }))
