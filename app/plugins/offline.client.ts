import { newerVersion } from '~/device/version'

const HOUR_MS = 3_600_000
const PATIENCE_MS = 5000

/** Puts the pages of the floor on this device, once the page that was asked for is there. */
export default defineNuxtPlugin((nuxt) => {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  nuxt.hook('app:suspense:resolve', () => {
    if (document.readyState === 'complete') soon()
    else addEventListener('load', soon, { once: true })
  })
})

function soon(): void {
  if ('requestIdleCallback' in window) requestIdleCallback(() => void register(), { timeout: 3000 })
  else setTimeout(() => void register(), 1000)
}

let isUnderWay = false

async function register(): Promise<void> {
  if (isUnderWay) return
  isUnderWay = true
  const { Workbox } = await import('workbox-window')
  const worker = new Workbox('/serviceWorker.js')
  worker.addEventListener('waiting', () => {
    newerVersion.value = () => {
      worker.addEventListener('controlling', () => location.reload())
      worker.messageSkipWaiting()
      // Whoever asked for it is not left waiting, whatever the browser makes of it.
      setTimeout(() => location.reload(), PATIENCE_MS)
    }
  })
  // A browser that refuses goes on with a line.
  await worker.register().catch(() => undefined)
  setInterval(() => void worker.update().catch(() => undefined), HOUR_MS)
}
