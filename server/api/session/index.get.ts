import type { SessionAnswer } from '~~/shared/types'
import { mayFound } from '../../services/founding'
import { defineOpenRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'
import { answerFor, signedIn } from '../../utils/signedIn'

export default defineOpenRoute('GET /api/session', async (event): Promise<SessionAnswer> => {
  const answer = await answerFor(await signedIn(event))
  return answer.me === null && await mayFound(useRuntime().db) ? { ...answer, founding: true } : answer
})
