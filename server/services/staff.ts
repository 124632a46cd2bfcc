import { AppError } from '~~/shared/errors'
import type { StaffChange, StaffInvitation, StaffMember } from '~~/shared/types'
import { listGroups } from '../repositories/groups'
import { insertPerson, listStaff, personHere, setStaffGroups, updateStaff } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import { transaction, writing, type Context } from './context'
import { mailLink } from './links'
import { record } from './record'

export function staff(context: Context): Promise<StaffMember[]> {
  return transaction(context, tx => listStaff(tx, context.actor.organisationId))
}

/** Invites a coach or assistant; inviting again sends a new link. */
export function inviteStaff(context: Context, invitation: StaffInvitation): Promise<StaffMember[]> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await checkGroups(tx, organisationId, invitation.groupIds)
    const there = await personHere(tx, organisationId, { email: invitation.email })
    if (there && (there.passwordHash || there.athleteId || there.id !== invitation.id)) {
      throw new AppError('alreadyExists', 'This e-mail is in use here.', { email: 'This e-mail is in use here.' })
    }
    const person = { ...invitation, organisationId, athleteId: null, passwordHash: null, name: invitation.name.trim() }
    if (!there) await insertPerson(tx, person)
    await setStaffGroups(tx, organisationId, person.id, invitation.groupIds)
    await mailLink(tx, context.queue, context.publicUrl, person, 'invitation', new Date())
    await record(tx, context, 'staff.invite', {
      subjectId: person.id, after: { role: invitation.role, groupIds: invitation.groupIds },
    })
    return listStaff(tx, organisationId)
  })
}

/** Changes role, groups or openness of an account; its sessions end, so that nothing old stays open. */
export function changeStaff(context: Context, id: string, change: StaffChange): Promise<StaffMember[]> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const before = (await listStaff(tx, organisationId)).find(member => member.id === id)
    if (!before) throw new AppError('notFound', 'There is no such person on the staff.')
    if (id === personId && (change.closed || change.role !== 'headCoach')) {
      throw new AppError('badInput', 'Another head coach changes your own role.', {
        role: 'Another head coach changes your own role.',
      })
    }
    await checkGroups(tx, organisationId, change.groupIds)
    if (!await updateStaff(tx, organisationId, id, change.version, change)) {
      throw new AppError('changedElsewhere', 'Somebody else changed this account meanwhile.', undefined, before)
    }
    await setStaffGroups(tx, organisationId, id, change.groupIds)
    await record(tx, context, 'staff.change', { subjectId: id, before, after: change })
    return listStaff(tx, organisationId)
  })
}

async function checkGroups(tx: Tx, organisationId: string, groupIds: readonly string[]): Promise<void> {
  const known = new Set((await listGroups(tx, organisationId)).map(group => group.id))
  if (!groupIds.every(id => known.has(id))) {
    throw new AppError('badInput', 'A group is not known here.', { groupIds: 'A group is not known here.' })
  }
}
