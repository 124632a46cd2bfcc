import { reactive, ref, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import { AppError, messageOf } from '~~/shared/errors'
import type { Athlete } from '~~/shared/types'
import { saveAsFile } from '~/files/saveAsFile'
import { useAthleteStore } from '~/stores/athlete'
import { useRosterStore } from '~/stores/roster'

/** What is done to (an athlete) as a whole: archived, invited, carried out as a file, erased. */
export function useAthleteActs(athlete: Readonly<Ref<Athlete | null>>) {
  const store = useAthleteStore()
  const roster = useRosterStore()
  const problem = ref('')

  async function archive(archived: boolean): Promise<void> {
    problem.value = ''
    try {
      store.athlete = await roster.archive(athlete.value!, archived)
    }
    catch (error) {
      problem.value = messageOf(error)
    }
  }

  const giving = reactive({ busy: false, problem: '', fields: {} as Readonly<Record<string, string>> })
  // One key for the account to be: inviting twice makes one account.
  const accountId = newKey()

  async function invite(email: string): Promise<void> {
    const { athleteInvitationSchema, fieldMessages } = await import('~~/shared/schemas')
    const invitation = { id: accountId, email }
    Object.assign(giving, { busy: true, problem: '', fields: fieldMessages(athleteInvitationSchema, invitation) ?? {} })
    try {
      if (Object.keys(giving.fields).length > 0) return
      store.athlete = await roster.invite(athlete.value!, invitation)
    }
    catch (error) {
      giving.fields = error instanceof AppError ? error.fields ?? {} : {}
      if (Object.keys(giving.fields).length === 0) giving.problem = messageOf(error)
    }
    finally {
      giving.busy = false
    }
  }

  const erasing = reactive({ busy: false, problem: '' })

  async function erase(typed: string): Promise<void> {
    Object.assign(erasing, { busy: true, problem: '' })
    try {
      await roster.erase(athlete.value!, typed)
      await navigateTo('/roster')
    }
    catch (error) {
      erasing.problem = messageOf(error)
    }
    finally {
      erasing.busy = false
    }
  }

  /** Saves everything about the athlete as a file. */
  async function exportAll(): Promise<void> {
    problem.value = ''
    try {
      const text = JSON.stringify(await roster.exportOf(athlete.value!.id), null, 2)
      saveAsFile(`${athlete.value!.name.replace(/\W+/g, '-').toLowerCase()}.json`, text, 'application/json')
    }
    catch (error) {
      problem.value = messageOf(error)
    }
  }

  return { problem, giving, erasing, archive, invite, erase, exportAll }
}
