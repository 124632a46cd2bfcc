import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'

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

/** Code of the server that threads and processes of its own run too. */
const SHARED_WITH_PROCESSES = [
  'core/', 'solver/', 'shared/',
  'server/solver/request.ts', 'server/solver/pool.ts', 'server/solver/index.ts',
  'server/database/', 'server/repositories/', 'server/services/planLine.ts', 'server/services/planRuns.ts',
  'server/services/planningRules.ts', 'server/services/seasonOf.ts',
  'server/services/weeks.ts', 'server/services/assignWeek.ts', 'server/services/catalogue.ts',
  'server/services/context.ts',
  'server/services/record.ts', 'server/jobs/queue.ts',
  'server/utils/configuration.ts',
]

export default defineNuxtConfig({
  compatibilityDate: '2025-07-15',
  telemetry: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', 'nuxt-security'],
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
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/anchor.svg' }],
    },
  },
  nitro: {
    imports: { autoImport: false },
    esbuild: { options: { target: 'node20' } },
  },
  hooks: {
    // Ours first, for the routes; Nuxt's own page for everything else.
    'nitro:config': (config) => {
      config.errorHandler = ['~~/server/utils/errorHandler', ...[config.errorHandler ?? []].flat()]
    },
    // The planner's thread is a file of its own beside the server, from the same build.
    'nitro:init': (nitro) => {
      nitro.hooks.hook('rollup:before', (_, config) => {
        config.plugins = [config.plugins, {
          name: 'planner-thread',
          buildStart() {
            this.emitFile({ type: 'chunk', id: here('server/solver/worker.ts'), fileName: 'solver-worker.mjs' })
            this.emitFile({ type: 'chunk', id: here('server/processes/planner.ts'), fileName: 'planner.mjs' })
          },
        }]
        // What threads and processes share with the server stands in a chunk of its own: with the server's chunk it
        // would start a second server.
        const { manualChunks } = config.output
        const isShared = (id: string): boolean => SHARED_WITH_PROCESSES.some(part => id.startsWith(here(part)))
        Object.assign(config.output, {
          inlineDynamicImports: false,
          manualChunks: (id: string, meta: never) =>
            (isShared(id) ? 'planner' : typeof manualChunks === 'function' ? manualChunks(id, meta) : undefined),
        })
      })
    },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } },
  },
  vite: {
    plugins: [tailwindcss()],
    worker: { format: 'es' },
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
