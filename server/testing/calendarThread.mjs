// The thread that reads calendars, from its source: tests have no build.
import { fileURLToPath } from 'node:url'
import { register } from 'tsx/esm/api'

register({ tsconfig: fileURLToPath(new URL('../../hardening/tsconfig.json', import.meta.url)) })
export default (await import('../calendar/worker.ts')).default
