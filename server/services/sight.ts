import type { Told } from '~~/shared/types'
import { listGroups } from '../repositories/groups'
import { athletesInSight } from '../repositories/athletes'
import { transaction, type Context } from './context'

/** What whoever asks may be told of: changes about athletes and squads in sight; runs of plans are the coaches'. */
export async function maySee(context: Context): Promise<(told: Told) => boolean> {
  const { actor: { organisationId, role } } = context
  const { athletes, groups } = await transaction(context, async tx => ({
    athletes: role === 'headCoach' ? null : new Set(await athletesInSight(tx, organisationId)),
    groups: new Set((await listGroups(tx, organisationId)).map(({ id }) => id)),
  }))
  return ({ topic, subject }) => {
    switch (topic) {
      case 'alerts': return athletes === null || athletes.has(subject)
      case 'week': return role !== 'athlete' && (athletes === null || athletes.has(subject))
      case 'floor': return role !== 'athlete' && groups.has(subject)
      case 'run': return role === 'headCoach' || role === 'coach'
    }
  }
}
