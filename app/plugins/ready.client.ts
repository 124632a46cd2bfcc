/** Marks the page once it answers to clicks: tests and scripts wait for it. */
export default defineNuxtPlugin((nuxt) => {
  nuxt.hook('app:suspense:resolve', () => {
    document.documentElement.dataset.ready = 'yes'
  })
})
