import boundaries from 'eslint-plugin-boundaries'
import regexp from 'eslint-plugin-regexp'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

const kinds = {
  core: ['core/**'], shared: ['shared/**'], demo: ['demo/**'], bench: ['bench/**'], hardening: ['hardening/**'],
  engine: ['engine/**'], solver: ['solver/**'], e2e: ['e2e/**'], api: ['app/api/**'], device: ['app/device/**'],
  stores: ['app/stores/**'], composables: ['app/composables/**'],
  words: ['app/words/**'],
  files: ['app/files/**'],
  drawing: ['app/drawing/**'], components: ['app/components/**'],
  layouts: ['app/layouts/**'], pages: ['app/pages/**'], middleware: ['app/middleware/**', 'app/plugins/**'],
  repositories: ['server/repositories/**'], jobs: ['server/jobs/**'], queue: ['server/queue/**'],
  instruments: ['server/instruments/**'],
  threads: ['server/threads/**'], calendar: ['server/calendar/**'], pool: ['server/solver/**'],
  processes: ['server/processes/**'],
  database: ['server/database/**'], services: ['server/services/**'],
  utils: ['server/utils/**', 'server/plugins/**', 'server/middleware/**'],
  routes: ['server/api/**'],
}

/** Which kind of file may import which; whatever is not here is refused. */
const allowed = {
  core: ['core'],
  shared: ['shared', 'core'],
  demo: ['demo', 'shared', 'core'],
  device: ['device'],
  api: ['api', 'device', 'shared', 'core'],
  stores: ['stores', 'api', 'device', 'shared', 'core'],
  words: ['words', 'shared', 'core'],
  files: ['files', 'words', 'shared', 'core'],
  drawing: ['drawing', 'words', 'shared', 'core'],
  composables: ['composables', 'drawing', 'words', 'files', 'stores', 'device', 'shared', 'core'],
  components: ['components', 'composables', 'drawing', 'words', 'files', 'device', 'shared', 'core'],
  layouts: ['components', 'composables', 'words', 'stores', 'shared', 'core'],
  pages: ['components', 'composables', 'words', 'files', 'stores', 'device', 'shared', 'core'],
  middleware: ['stores', 'api', 'device', 'shared'],
  repositories: ['repositories', 'shared', 'core'],
  queue: ['queue'],
  database: ['database', 'queue'],
  jobs: ['jobs', 'queue', 'services', 'repositories', 'database', 'shared', 'core'],
  threads: ['threads'],
  pool: ['pool', 'threads', 'solver', 'shared', 'core'],
  calendar: ['calendar', 'threads', 'shared', 'core'],
  services: ['services', 'queue', 'calendar', 'pool', 'repositories', 'database', 'shared', 'core', 'demo'],
  instruments: ['instruments', 'shared', 'core'],
  processes: ['queue', 'services', 'pool', 'solver', 'database', 'utils', 'shared', 'core'],
  utils: ['utils', 'instruments', 'pool', 'calendar', 'services', 'jobs', 'queue', 'database', 'shared', 'core'],
  routes: ['utils', 'instruments', 'services', 'database', 'shared'],
  bench: ['bench', 'solver', 'pool', 'core', 'shared', 'demo', 'database', 'repositories', 'hardening'],
  hardening: ['hardening', 'utils', 'shared', 'core'],
  solver: ['solver', 'core'],
  engine: ['engine', 'solver', 'core', 'shared'],
  e2e: ['e2e', 'core'],
}

export default tseslint.config(
  { ignores: ['node_modules', '.nuxt', '.output', '.data', 'test-results', 'playwright-report'] },
  ...tseslint.configs.strict,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.{ts,vue,mjs}'],
    // A runnable example stands on one line, so that it can be run as it stands.
    rules: { 'max-len': ['error', { code: 120, ignorePattern: ' // => ' }] },
  },
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: { parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] } },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', {
        argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true,
      }],
      'max-lines': ['error', { max: 400 }],
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/no-unused-refs': 'error',
    },
  },
  {
    // Where a rule of size does not serve, a comment beside it says why.
    files: ['**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', '**/testing/**', 'e2e/**'],
    rules: {
      'max-lines': ['error', { max: 250 }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      'complexity': ['error', 15],
    },
  },
  {
    // A text that a stranger wrote is read in a time that grows with its length, and no faster.
    files: ['{core,shared,app,server,simulators}/**/*.{ts,vue,mjs}'],
    ignores: ['**/*.test.ts'],
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }], 'regexp/no-super-linear-move': 'error',
    },
  },
  {
    // A migration that was released is never touched again.
    files: ['server/database/migrations/**'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off' },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/testing/**'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      'no-restricted-properties': ['error', { object: 'Date', property: 'now', message: 'Time is an argument.' }, {
        object: 'Math', property: 'random', message: 'Chance is an argument.',
      }],
      'no-restricted-globals': [
        'error', 'window', 'document', 'process', 'fetch', 'setTimeout', 'setInterval', 'performance',
      ],
      'no-restricted-syntax': ['error', {
        selector: 'NewExpression[callee.name="Date"][arguments.length=0]',
        message: 'Time is an argument.',
      }],
    },
  },
  {
    files: ['{core,shared,demo,app,server,bench,hardening,engine,solver,e2e}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { project: '.nuxt/tsconfig.app.json' } },
      'boundaries/include': ['{core,shared,demo,app,server,bench,hardening,engine,solver,e2e}/**/*'],
      'boundaries/elements': Object.entries(kinds).flatMap(([type, patterns]) =>
        patterns.map(pattern => ({ type, pattern, partialMatch: false }))
      ),
    },
    rules: {
      'boundaries/dependencies': ['error', {
        default: 'disallow',
        policies: Object.entries(allowed).map(([from, to]) => ({
          from: { element: { type: from } },
          allow: to.map(type => ({ to: { element: { type } } })),
        })),
      }],
    },
  },
)
