import type { Role } from '~~/shared/types'

/** Roles that plan; roles that may also read and log; everybody who is signed in. */
const COACHES: readonly Role[] = ['headCoach', 'coach']
const STAFF: readonly Role[] = [...COACHES, 'assistant']
const ALL: readonly Role[] = [...STAFF, 'athlete']
const HEAD: readonly Role[] = ['headCoach']

/** Who may call a route, and whose things it reaches: an athlete in sight, the organisation, the own account. */
export interface RouteRule {
  readonly who: readonly Role[] | 'anybody'
  readonly reach: 'athlete' | 'organisation' | 'self' | 'nothing'
}

const rule = (who: RouteRule['who'], reach: RouteRule['reach']): RouteRule => ({ who, reach })

/** Declared access to every route. A test walks the routes and refuses one that is not here, or here and not there. */
export const ROUTE_RULES = {
  'GET /api/health': rule('anybody', 'nothing'),
  'GET /api/ready': rule('anybody', 'nothing'),
  'GET /api/session': rule('anybody', 'self'),
  'POST /api/session': rule('anybody', 'self'),
  'DELETE /api/session': rule('anybody', 'self'),
  'POST /api/founding': rule('anybody', 'self'),
  'POST /api/reset': rule('anybody', 'self'),
  'POST /api/link': rule('anybody', 'self'),
  'PUT /api/session/units': rule(ALL, 'self'),
  'PUT /api/session/password': rule(ALL, 'self'),
  'DELETE /api/session/everywhere': rule(ALL, 'self'),
  'GET /api/session/devices': rule(ALL, 'self'),
  'DELETE /api/session/devices/:id': rule(ALL, 'self'),
  'GET /api/session/passkeys': rule(ALL, 'self'),
  'POST /api/session/passkeys': rule(ALL, 'self'),
  'POST /api/session/passkeys/options': rule(ALL, 'self'),
  'DELETE /api/session/passkeys/:id': rule(ALL, 'self'),
  'POST /api/passkey/options': rule('anybody', 'self'),
  'POST /api/passkey': rule('anybody', 'self'),
  'POST /api/session/factor': rule(ALL, 'self'),
  'PUT /api/session/factor': rule(ALL, 'self'),
  'POST /api/session/factor/end': rule(ALL, 'self'),
  'GET /api/beginning': rule(COACHES, 'organisation'),
  'GET /api/staff': rule(HEAD, 'organisation'),
  'POST /api/staff': rule(HEAD, 'organisation'),
  'PUT /api/staff/:id': rule(HEAD, 'organisation'),
  'DELETE /api/staff/:id': rule(HEAD, 'organisation'),
  'GET /api/record': rule(HEAD, 'organisation'),
  'GET /api/groups': rule(STAFF, 'organisation'),
  'POST /api/groups': rule(COACHES, 'organisation'),
  'GET /api/facility': rule(STAFF, 'organisation'),
  'PUT /api/facility': rule(COACHES, 'organisation'),
  'GET /api/rooms': rule(STAFF, 'organisation'),
  'PUT /api/rooms': rule(COACHES, 'organisation'),
  'GET /api/catalogue': rule(ALL, 'organisation'),
  'PUT /api/catalogue': rule(COACHES, 'organisation'),
  'GET /api/athletes': rule(STAFF, 'athlete'),
  'POST /api/athletes': rule(COACHES, 'organisation'),
  'POST /api/athletes/import': rule(COACHES, 'organisation'),
  'GET /api/athletes/:id': rule(STAFF, 'athlete'),
  'PUT /api/athletes/:id': rule(COACHES, 'athlete'),
  'DELETE /api/athletes/:id': rule(HEAD, 'athlete'),
  'PUT /api/athletes/:id/archive': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/invitation': rule(COACHES, 'athlete'),
  'GET /api/athletes/:id/export': rule(['headCoach', 'athlete'], 'athlete'),
  'GET /api/athletes/:id/history/:from': rule(ALL, 'athlete'),
  'GET /api/athletes/:id/today': rule(ALL, 'athlete'),
  'GET /api/athletes/:id/assessment': rule(ALL, 'athlete'),
  'GET /api/athletes/:id/guardian': rule(COACHES, 'athlete'),
  'PUT /api/athletes/:id/guardian': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/pain': rule(COACHES, 'athlete'),
  'PUT /api/athletes/:id/screening': rule([...COACHES, 'athlete'], 'athlete'),
  'POST /api/athletes/:id/clearances': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/clearances/withdraw': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/brace': rule(STAFF, 'athlete'),
  'PUT /api/athletes/:id/brace-course': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/practice': rule(ALL, 'athlete'),
  'GET /api/athletes/:id/traces/:from': rule(STAFF, 'athlete'),
  'PUT /api/athletes/:id/rung': rule(COACHES, 'athlete'),
  'GET /api/athletes/:id/review/:from/:to': rule(STAFF, 'athlete'),
  'GET /api/athletes/:id/series/:from': rule(STAFF, 'athlete'),
  'GET /api/athletes/:id/reports': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/reports': rule(COACHES, 'athlete'),
  'POST /api/reports/revoke': rule(COACHES, 'athlete'),
  'GET /api/shared/:token': rule('anybody', 'nothing'),
  'PUT /api/sessions/:id/effort': rule(ALL, 'athlete'),
  'GET /api/decisions': rule(STAFF, 'organisation'),
  'POST /api/decisions': rule(STAFF, 'athlete'),
  'POST /api/decisions/undo': rule(COACHES, 'athlete'),
  'GET /api/tests': rule(ALL, 'organisation'),
  'PUT /api/tests': rule(COACHES, 'organisation'),
  'GET /api/sports': rule(STAFF, 'organisation'),
  'PUT /api/sports': rule(HEAD, 'organisation'),
  'GET /api/instruments': rule(STAFF, 'nothing'),
  'GET /api/instruments/stream': rule(STAFF, 'nothing'),
  'POST /api/instruments/command': rule(STAFF, 'nothing'),
  'GET /api/trials': rule(STAFF, 'athlete'),
  'POST /api/trials': rule(STAFF, 'athlete'),
  'POST /api/trials/withdraw': rule(STAFF, 'athlete'),
  'GET /api/athletes/:id/weeks/:startsOn': rule(STAFF, 'athlete'),
  'PUT /api/athletes/:id/weeks/:startsOn': rule(COACHES, 'athlete'),
  'GET /api/athletes/:id/weeks/:startsOn/version': rule(STAFF, 'athlete'),
  'POST /api/athletes/:id/weeks/:startsOn/propose': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/weeks/:startsOn/assign': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/weeks/:startsOn/review': rule(COACHES, 'athlete'),
  'POST /api/athletes/:id/weeks/:startsOn/apply': rule(COACHES, 'athlete'),
  'GET /api/rules': rule(STAFF, 'organisation'),
  'PUT /api/rules': rule(COACHES, 'organisation'),
  'GET /api/plan-runs': rule(COACHES, 'organisation'),
  'POST /api/plan-runs': rule(COACHES, 'athlete'),
  'GET /api/plan-runs/:id': rule(COACHES, 'organisation'),
  'POST /api/plan-runs/:id/cancel': rule(COACHES, 'organisation'),
  'POST /api/plan-runs/:id/retry': rule(COACHES, 'organisation'),
  'POST /api/plan-runs/:id/accept': rule(COACHES, 'organisation'),
  'GET /api/seasons': rule(STAFF, 'organisation'),
  'PUT /api/seasons/:groupId': rule(COACHES, 'organisation'),
  'GET /api/athletes/:id/season': rule(ALL, 'athlete'),
  'PUT /api/athletes/:id/season': rule(COACHES, 'athlete'),
  'POST /api/calendar/read': rule(COACHES, 'organisation'),
  'GET /api/feeds': rule(ALL, 'self'),
  'POST /api/feeds': rule(ALL, 'self'),
  'POST /api/feeds/revoke': rule(ALL, 'self'),
  'GET /api/feeds/:token': rule('anybody', 'nothing'),
  'GET /api/day': rule(STAFF, 'organisation'),
  'GET /api/floor/:groupId': rule(STAFF, 'organisation'),
  'GET /api/floor/:groupId/board': rule(STAFF, 'organisation'),
  'PUT /api/floor/:groupId/board': rule(STAFF, 'organisation'),
  'GET /api/sessions/:id': rule(ALL, 'athlete'),
  'POST /api/sessions/:id/stand-in': rule([...COACHES, 'athlete'], 'athlete'),
  'GET /api/sessions/:id/swaps/:itemId': rule([...COACHES, 'athlete'], 'athlete'),
  'POST /api/sessions/:id/swap': rule([...COACHES, 'athlete'], 'athlete'),
  'GET /api/alerts': rule(ALL, 'self'),
  'GET /api/live': rule(ALL, 'self'),
  'POST /api/logs': rule(ALL, 'athlete'),
} as const satisfies Record<string, RouteRule>

export type RouteName = keyof typeof ROUTE_RULES

const PATTERNS = Object.keys(ROUTE_RULES).map((name) => {
  const [method, path] = name.split(' ') as [string, string]
  return { method, pattern: new RegExp(`^${path.replace(/:\w+/g, '[^/]+')}/?$`) }
})

/** Whether a method at a path is a declared route; HEAD is a GET without its body. */
export function isDeclared(method: string, path: string): boolean {
  const asked = method === 'HEAD' ? 'GET' : method
  return PATTERNS.some(route => route.method === asked && route.pattern.test(path))
}
