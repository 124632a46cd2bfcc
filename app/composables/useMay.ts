import { computed } from 'vue'
import { useSignInStore } from '~/stores/signIn'

/** What the person who is signed in may do; the server asks again at every write. */
export function useMay() {
  const signedIn = useSignInStore()
  const role = computed(() => signedIn.me?.role ?? null)
  return {
    /** Plan, assign, settle and change what is known of athletes. */
    plan: computed(() => role.value === 'headCoach' || role.value === 'coach'),
    /** What concerns the whole organisation: staff, the record, erasing. */
    govern: computed(() => role.value === 'headCoach'),
    /** Look after athletes, in whatever way. */
    coach: computed(() => role.value !== null && role.value !== 'athlete'),
  }
}
