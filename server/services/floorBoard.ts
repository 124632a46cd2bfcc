import { DomainError } from '~~/core/errors'
import { checkRoom } from '~~/core/floor'
import { AppError } from '~~/shared/errors'
import type { FloorBoard, FloorBoardInput } from '~~/shared/types'
import { boardOf, keepBoard } from '../repositories/floorBoards'
import { listGroups } from '../repositories/groups'
import type { Tx } from '../repositories/rows'
import { transaction, writing, type Context } from './context'
import { record } from './record'

/** The board of a squad's floor today, for a device that looks on. */
export function floorBoard(context: Context, groupId: string): Promise<{ board: FloorBoard | null }> {
  return transaction(context, async (tx) => {
    await mustSeeGroup(tx, context, groupId)
    return { board: await boardOf(tx, context.actor.organisationId, groupId, context.today) }
  })
}

/** Keeps how a floor stands on the device that runs it. Another device takes it over only when it says so. */
export async function keepFloorBoard(
  context: Context, groupId: string, input: FloorBoardInput,
): Promise<{ board: FloorBoard | null }> {
  const { organisationId, personId } = context.actor
  mustBeARoom(input)
  return await writing(context, async (tx) => {
    await mustSeeGroup(tx, context, groupId)
    const there = await boardOf(tx, organisationId, groupId, input.day)
    const isElsewhere = there !== null && there.device !== input.device
    if (isElsewhere && !input.takeOver) {
      throw new AppError('changedElsewhere', `This floor runs on another device: ${there.by} has it.`, undefined, there)
    }
    await keepBoard(tx, organisationId, personId, groupId, input)
    if (there?.device !== input.device)
      await record(tx, context, 'floor.run', { subjectId: groupId, after: { day: input.day, device: input.device } })
    return { board: await boardOf(tx, organisationId, groupId, input.day) }
  })
}

async function mustSeeGroup(tx: Tx, { actor }: Context, groupId: string): Promise<void> {
  if (!(await listGroups(tx, actor.organisationId)).some(({ id }) => id === groupId))
    throw new AppError('notFound', 'There is no such squad here.')
}

/** A board is shown to whoever takes it over: what cannot be a room is not kept. */
function mustBeARoom({ floor: { plan } }: FloorBoardInput): void {
  try {
    checkRoom(plan.room)
  }
  catch (error) {
    if (error instanceof DomainError) throw new AppError('badInput', error.message, { floor: error.message })
    throw error
  }
}
