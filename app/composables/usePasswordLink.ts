import { onMounted, reactive, ref } from 'vue'
import { AppError } from '~~/shared/errors'

/**
 * Setting a password by the token behind the # of the address, through (use). The address bar forgets the token at
 * once.
 */
export function usePasswordLink(use: (token: string, next: string) => Promise<void>) {
  const token = ref('')
  const state = reactive({ busy: true, problem: '', field: '' })

  onMounted(() => {
    token.value = window.location.hash.slice(1)
    window.history.replaceState(window.history.state, '', window.location.pathname)
    state.busy = false
    if (!token.value) state.problem = 'This link is not whole. Open it again from the mail.'
  })

  async function choose(next: string): Promise<boolean> {
    Object.assign(state, { busy: true, problem: '', field: '' })
    try {
      await use(token.value, next)
      return true
    }
    catch (error) {
      const fields = error instanceof AppError ? error.fields ?? {} : {}
      state.field = fields.next ?? ''
      state.problem = state.field
        ? ''
        : fields.token
        ? 'This link is not whole. Open it again from the mail.'
        : error instanceof Error
        ? error.message
        : 'Something went wrong.'
      return false
    }
    finally {
      state.busy = false
    }
  }

  return { state, choose }
}
