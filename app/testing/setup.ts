import { createPinia, setActivePinia } from 'pinia'
import * as vue from 'vue'

// Nuxt gives components Vue's own functions without an import; tests give them the same.
Object.assign(globalThis, vue)
// Components that ask for the organisation's drills find the standard ones.
setActivePinia(createPinia())
