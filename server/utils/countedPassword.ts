import type { H3Event } from 'h3'
import type { Context } from '../services/context'
import { callerAddress } from './defineRoute'
import { useRuntime } from './runtime'

/** Work that asks for the present password or a code: wrong ones are counted as at the door, right ones forgotten. */
export async function countedPassword<T>(
  event: H3Event, { actor: { personId } }: Context, work: () => Promise<T>,
): Promise<T> {
  const { limits } = useRuntime()
  await limits.count('accountAndAddress', personId, callerAddress(event))
  const answer = await work()
  await limits.forget('accountAndAddress', personId, callerAddress(event))
  return answer
}
