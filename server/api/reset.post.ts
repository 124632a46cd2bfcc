import { checked, resetSchema } from '~~/shared/schemas'
import { callerAddress, defineOpenRoute, mustBePrepared } from '../utils/defineRoute'
import { readJson } from '../utils/readBody'
import { useRuntime } from '../utils/runtime'

/** Asks for a reset link. The answer, and the time it takes, is the same whether the address is known or not. */
export default defineOpenRoute('POST /api/reset', async (event) => {
  const { limits } = useRuntime()
  const { email } = checked(resetSchema, await readJson(event))
  await limits.count('reset', callerAddress(event), email)
  await limits.count('address', callerAddress(event))
  await mustBePrepared().queue.sendNow('resetRequest', { email })
  return { asked: true }
})
