import * as vue from 'vue'

// Nuxt gives components Vue's own functions without an import; tests give them the same.
Object.assign(globalThis, vue)
