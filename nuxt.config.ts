import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import { SHELL } from './app/serviceWorker/shell'
import { filesWithoutLine, offline } from './offline.config'

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url))

const csp = {
  'default-src': ['\'none\''],
  'base-uri': ['\'none\''],
  'connect-src': ['\'self\''],
  'font-src': ['\'self\''],
  'form-action': ['\'self\''],
  'frame-ancestors': ['\'none\''],
  'img-src': ['\'self\'', 'data:', 'blob:'],
  'manifest-src': ['\'self\''],
  'script-src': ['\'self\'', '\'nonce-{{nonce}}\'', '\'strict-dynamic\''],
  'style-src': ['\'self\'', '\'unsafe-inline\''],
  'worker-src': ['\'self\''],
  'upgrade-insecure-requests': false,
} as const

/** What runs beside the server, each in a file of its own from the same build. */
const BESIDE_THE_SERVER = {
  'solver-worker.mjs': 'server/solver/worker.ts', 'calendar-worker.mjs': 'server/calendar/worker.ts',
  'planner.mjs': 'server/processes/planner.ts', 'owner.mjs': 'server/processes/owner.ts',
}

type ModuleInfo = (id: string) => {
  readonly importedIds: readonly string[]
  readonly dynamicallyImportedIds: readonly string[]
} | null

/** Our own modules that the threads and processes beside the server reach, from their entries on. */
function reachedBeside(infoOf: ModuleInfo): Set<string> {
  const reached = new Set<string>()
  const next = Object.values(BESIDE_THE_SERVER).map(here)
  for (let id = next.pop(); id !== undefined; id = next.pop()) {
    if (reached.has(id) || !id.startsWith(here('.')) || id.includes('/node_modules/')) continue
    reached.add(id)
    const info = infoOf(id)
    next.push(...info?.importedIds ?? [], ...info?.dynamicallyImportedIds ?? [])
  }
  for (const entry of Object.values(BESIDE_THE_SERVER)) reached.delete(here(entry))
  return reached
}

/** Packages that do nothing but what they are called for, and do not say so themselves. */
const PURE_PACKAGES = /\/node_modules\/(nuxt\/dist\/app\/composables|@vueuse|@simplewebauthn|@noble)\//

/** What does nothing but what it is called for, as all of the core: a page takes along only what it uses. */
const takesOnlyWhatIsUsed = {
  name: 'takes-only-what-is-used',
  transform: (code: string, id: string) =>
    id.startsWith(here('./core/')) || PURE_PACKAGES.test(id) ? { code, map: null, moduleSideEffects: false } : null,
}

/**
 * Bytes below which a file of the build is not worth a request of its own. At ten thousand whole pages joined others:
 * the phone's day came with the sign-in, the record and a passkey's ceremonies, 157 kB of code instead of 122.
 */
const SMALL_CHUNK = 2500

let withoutLine: ReadonlySet<string> = new Set()

export default defineNuxtConfig({
  compatibilityDate: '2025-07-15',
  telemetry: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', 'nuxt-security', '@vite-pwa/nuxt'],
  pwa: offline(() => withoutLine) as never,
  routeRules: { [SHELL]: { ssr: false } },
  css: ['~/assets/main.css'],
  // Project code is imported explicitly, so that lint sees every import.
  imports: { scan: false },
  components: { dirs: [] },
  pinia: { storesDirs: [] },
  app: {
    head: {
      title: 'Keen Anchor',
      htmlAttrs: { lang: 'en' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Trunk and bracing programmes for a roster.' },
        { name: 'theme-color', content: '#1F2A30' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/anchor.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
        { rel: 'apple-touch-icon', href: '/anchor-192.png' },
      ],
    },
  },
  nitro: {
    imports: { autoImport: false },
    compressPublicAssets: { gzip: true, brotli: true },
    esbuild: { options: { target: 'node20' } },
  },
  hooks: {
    'build:manifest': (manifest) => {
      withoutLine = filesWithoutLine(manifest as never)
      // What a page may need later is fetched when it does: a bad line has better things to carry.
      for (const built of Object.values(manifest)) built.prefetch = false
    },
    // Ours first, for the routes; Nuxt's own page for everything else.
    'nitro:config': (config) => {
      config.errorHandler = ['~~/server/utils/errorHandler', ...[config.errorHandler ?? []].flat()]
    },
    'nitro:init': (nitro) => {
      nitro.hooks.hook('rollup:before', (_, config) => {
        config.plugins = [config.plugins, {
          name: 'beside-the-server',
          buildStart() {
            for (const [fileName, entry] of Object.entries(BESIDE_THE_SERVER))
              this.emitFile({ type: 'chunk', id: here(entry), fileName })
          },
        }]
        // What they share with the server stands in a chunk of its own: with the server's chunk it would start a
        // second server.
        const { manualChunks } = config.output
        let reached: Set<string> | null = null
        Object.assign(config.output, {
          inlineDynamicImports: false,
          manualChunks: (id: string, meta: { getModuleInfo: ModuleInfo }) => {
            reached ??= reachedBeside(meta.getModuleInfo)
            if (reached.has(id)) return 'planner'
            return typeof manualChunks === 'function' ? manualChunks(id, meta as never) : undefined
          },
        })
      })
    },
  },
  experimental: {
    // The pages behind a page's links are not fetched ahead, but for the desk's rail: a phone on a bad line has better
    // things to load.
    defaults: { nuxtLink: { prefetchOn: { visibility: false, interaction: true } } },
    // It is the service worker that knows of newer versions.
    appManifest: false,
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } },
  },
  vite: {
    plugins: [tailwindcss(), takesOnlyWhatIsUsed],
    worker: { format: 'es' },
    // Forty files of half a kilobyte are forty requests: what is small joins what it is loaded with.
    build: { rollupOptions: { output: { experimentalMinChunkSize: SMALL_CHUNK } } },
    optimizeDeps: { include: ['joi', '@headlessui/vue', '@vueuse/core', 'uuid'] },
  },
  security: {
    headers: {
      contentSecurityPolicy: csp as never,
      strictTransportSecurity: false,
      crossOriginEmbedderPolicy: 'require-corp',
    },
    corsHandler: false,
    xssValidator: false,
    rateLimiter: false,
    requestSizeLimiter: { maxRequestSizeInBytes: 1_000_000, throwError: true },
    nonce: true,
    sri: false,
  },
})
