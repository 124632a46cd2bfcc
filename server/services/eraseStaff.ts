import { AppError } from '~~/shared/errors'
import type { StaffMember } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { removePasskeysOf } from '../repositories/passkeys'
import { listStaff } from '../repositories/people'
import { writing, type Context } from './context'
import { record } from './record'
import { mustBeTyped } from './typedName'

/**
 * Erases somebody who has left the staff: name, address, sign-ins, and what the record says of them. What they planned
 * stays, by nobody of a name. The name has to be typed.
 */
export function eraseStaff(context: Context, id: string, name: string): Promise<StaffMember[]> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const member = (await listStaff(tx, organisationId)).find(one => one.id === id)
    if (!member) throw new AppError('notFound', 'There is no such person on the staff.')
    if (member.state !== 'closed') {
      const text = 'Close the account first: who may still sign in is not erased.'
      throw new AppError('badInput', text, { name: text })
    }
    mustBeTyped(member.name, name)
    await asSystem(tx, context.actor, () => removePasskeysOf(tx, organisationId, id))
    await tx.raw('select keen_erase_staff(?)', [id])
    await record(tx, context, 'staff.erase')
    return listStaff(tx, organisationId)
  })
}
