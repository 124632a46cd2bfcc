import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { Me, SignInInput, Units } from '~~/shared/types'
import * as people from '~/api/people'

/** Who is signed in. */
export const useSessionStore = defineStore('session', () => {
  const me = ref<Me | null>(null)
  const known = ref(false)

  function remember(who: Me | null): void {
    me.value = who
    known.value = true
  }

  async function signIn(input: SignInInput): Promise<void> {
    remember((await people.signIn(input)).me)
  }

  async function signOut(): Promise<void> {
    remember((await people.signOut()).me)
  }

  async function saveUnits(units: Units): Promise<void> {
    const saved = await people.saveUnits(units)
    if (me.value) me.value = { ...me.value, units: saved }
  }

  return { me, known, remember, signIn, signOut, saveUnits }
})
