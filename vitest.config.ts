import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

const alias = {
  '~~': fileURLToPath(new URL('.', import.meta.url)).replace(/\/$/, ''),
  '~': fileURLToPath(new URL('./app', import.meta.url)),
}

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      { resolve: { alias },
      test: { name: 'core', testTimeout: 60_000,
        include: ['{core,shared,demo,scripts,engine,solver,bench}/**/*.test.ts',
          'server/{calendar,utils,instruments,solver,threads,queue}/**/*.test.ts', '*.test.ts'] } },
      {
        resolve: { alias },
        plugins: [vue()],
        test: { name: 'components', testTimeout: 60_000, include: ['app/**/*.test.ts'],
          environment: 'happy-dom', setupFiles: ['app/testing/setup.ts'] },
      },
      {
        resolve: { alias },
        test: {
          name: 'database', include: ['server/{services,repositories,database,jobs}/**/*.test.ts'],
          pool: 'forks', testTimeout: 60_000,
          hookTimeout: 120_000, globalSetup: ['server/testing/template.ts'],
        },
      },
    ],
  },
})
