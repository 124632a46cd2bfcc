// npm run house: what the house looks like in numbers, from the tree as it stands. npm run house -- --coverage adds the
// share of lines that unit tests reach (some minutes).
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ESLint } from 'eslint'
import { readJson, root, say } from './lib/project.mjs'
import { bin, run } from './lib/run.mjs'

const files = execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], {
  cwd: root, encoding: 'utf8',
}).split('\n').filter(file => /\.(ts|vue|mjs)$/.test(file))
const text = new Map(files.map(file => [file, readFileSync(join(root, file), 'utf8')]))
const linesOf = file => text.get(file).split('\n').length - 1
const TESTS = /\.(test|spec)\.ts$|^e2e\/|(^|\/)testing\//
const isTest = file => TESTS.test(file)
const code = files.filter(file => !isTest(file))
const under = start => code.filter(file => file.startsWith(start))
const sum = list => list.reduce((total, file) => total + linesOf(file), 0)
const median = list => list.map(linesOf).sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0
const longer = (list, most) => list.filter(file => linesOf(file) > most)
const found = (list, pattern) => list.reduce((n, file) => n + (text.get(file).match(pattern)?.length ?? 0), 0)
const holding = (list, pattern) => list.filter(file => pattern.test(text.get(file))).length
const share = (part, whole) => `${(100 * part / whole).toFixed(1)} %`

/** How often a rule of the linter would speak in code that ships; nothing is fixed and nothing else is asked. */
async function counted(rule, options) {
  const eslint = new ESLint({
    cwd: root, overrideConfig: { rules: { [rule]: ['error', options] } },
    ruleFilter: ({ ruleId }) => ruleId === rule,
  })
  const results = await eslint.lintFiles(code.filter(file => /\.(ts|vue)$/.test(file)))
  return results.reduce((n, { messages }) => n + messages.filter(({ ruleId }) => ruleId === rule).length, 0)
}

const components = under('app/components/').filter(file => file.endsWith('.vue'))
const pages = under('app/pages/')
const core = under('core/').filter(file => !file.endsWith('index.ts'))
const app = under('app/')
const row = (what, value) => say(`| ${what} | ${value} |`)

say('| what | now |\n|---|---|')
row('files, lines', `${files.length}, ${sum(files)}`)
row('share of tests in lines', share(sum(files.filter(isTest)), sum(files)))
row('core files with a test of their own', share(
  core.filter(file => text.has(file.replace(/\.ts$/, '.test.ts'))).length, core.length,
))
row('files over 250 lines (code)', longer(code, 250).length)
row('median file, component, page', `${median(code)}, ${median(components)}, ${median(pages)}`)
row('pages over 150 lines', longer(pages, 150).length)
row('lines over 120 characters', files.reduce((n, file) =>
  n + text.get(file).split('\n').filter(line => line.length > 120 && !line.includes(' // => ')).length, 0))
row('functions over 60 lines', await counted('max-lines-per-function', {
  max: 60, skipBlankLines: true, skipComments: true,
}))
row('functions of complexity over 15', await counted('complexity', 15))
row('“!” in planner, in the whole core', await (async () => {
  const eslint = new ESLint({
    cwd: root, overrideConfig: { rules: { '@typescript-eslint/no-non-null-assertion': 'error' } },
    ruleFilter: ({ ruleId }) => ruleId === '@typescript-eslint/no-non-null-assertion',
  })
  const results = await eslint.lintFiles(core)
  const of = part => results.filter(({ filePath }) => filePath.includes(part))
    .reduce((n, { messages }) => n + messages.length, 0)
  return `${of('/core/planner/')}, ${of('/core/')}`
})())
row('places that write out loading and failing', found(app, /state="(loading|failed)"/g))
row('places that ask a role', found(app, /\.role [!=]== '/g))
row('places that read a write that came second', found(app, /'changedElsewhere'/g))
row('places that read a state machine of loading', found(under('app/stores/'), /'idle' \| 'loading'/g))
row('dialog shells', holding(app, /DialogPanel[\s\S]*from '@headlessui\/vue'/))
row('components that hold a store or send', holding(components, /~\/stores\/|~\/api\/|\$fetch/))
row('pages that call the API', holding(pages, /~\/api\//))
row('children steered by exposed methods', found(app, /defineExpose/g))
row('longest files', longer(code, 250).sort((a, b) => linesOf(b) - linesOf(a))
  .map(file => `${file} ${linesOf(file)}`).join('; ') || 'none')

if (process.argv.includes('--coverage')) {
  await run(bin('vitest'), [
    'run', '--project', 'core', '--project', 'components', '--coverage.enabled', '--coverage.provider=v8',
    '--coverage.reporter=json-summary', '--coverage.reportsDirectory=test-results/coverage', '--silent',
    // Counting lines makes every test slower, timed or not.
    '--testTimeout=120000',
  ])
  const { total } = readJson(join(root, 'test-results', 'coverage', 'coverage-summary.json'))
  row('lines that unit tests reach', `${total.lines.pct} %`)
}
