// npm test: lint, types, unit, database and browser tests from whatever state the checkout is in.
// The last line counts every check: a lint or type run counts as one.
import { existsSync, mkdirSync, rmSync } from 'node:fs'
import { join, relative } from 'node:path'
import { ensureBuild } from './lib/build.mjs'
import { ensureChromium } from './lib/chromium.mjs'
import { ensurePackages } from './lib/packages.mjs'
import { ensurePostgres, stopPostgres } from './lib/postgres.mjs'
import { readJson, root, say } from './lib/project.mjs'
import { freePort } from './lib/ports.mjs'
import { bin, run } from './lib/run.mjs'

const results = join(root, 'test-results')
const tally = { passed: 0, failed: 0 }
const failures = []
// By name at the very end: the last lines are what is read of a long run.
const failedTests = []

/** The failed tests of one file, or the file itself when it died before its first test. */
function namesOfFailed(file) {
  if (file.status !== 'failed') return []
  const name = relative(root, file.name)
  const failed = file.assertionResults.filter(test => test.status === 'failed')
  return failed.length > 0 ? failed.map(test => `${name}: ${test.fullName}`) : [name]
}

/** One step that passes or fails as a whole. */
async function check(name, work) {
  const startedAt = Date.now()
  const good = await work()
  tally[good ? 'passed' : 'failed'] += 1
  if (!good) failures.push(name)
  say(`${good ? 'ok' : 'NOT OK'}  ${name}  (${((Date.now() - startedAt) / 1000).toFixed(1)} s)`)
}

/** A runner that reports its own counts; one that dies without a report is a failure. */
async function counted(name, work, read) {
  const startedAt = Date.now()
  const code = await work()
  const counts = read() ?? { passed: 0, failed: 1 }
  // A runner that failed without a failed test (a broken setup, say) must not pass unnoticed.
  if (code !== 0 && counts.failed === 0) counts.failed = 1
  if (counts.passed + counts.failed === 0) counts.failed = 1
  tally.passed += counts.passed
  tally.failed += counts.failed
  if (counts.failed > 0) failures.push(name)
  say(
    `${counts.failed === 0 ? 'ok' : 'NOT OK'}  ${name}: ${counts.passed} passed, ${counts.failed} failed  (${
      ((Date.now() - startedAt) / 1000).toFixed(1)
    } s)`,
  )
}

function vitest(name, projects) {
  const file = join(results, `${name}.json`)
  return counted(
    name,
    () =>
      run(bin('vitest'), [
        'run', ...projects.flatMap(p => ['--project', p]), '--reporter=default', '--reporter=json',
        `--outputFile.json=${file}`,
      ]),
    () => {
      const report = readJson(file)
      if (!report) return null
      failedTests.push(...report.testResults.flatMap(namesOfFailed))
      return {
        passed: report.numPassedTests,
        failed: report.numFailedTests
          + report.testResults.filter(f => f.status === 'failed' && f.assertionResults.length === 0).length,
      }
    },
  )
}

await ensurePackages()
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })
const env = { ...process.env, NUXT_TELEMETRY_DISABLED: '1' }

await run(bin('nuxt'), ['prepare', '--logLevel', 'silent'], { env })
await check('lint', async () => await run(bin('eslint'), ['.', '--max-warnings', '0']) === 0)
await check('nothing unused', async () => await run(bin('knip'), ['--no-progress']) === 0)
await check(
  'no cycles, core alone',
  async () =>
    await run(bin('depcruise'), [
      '--config', '.dependency-cruiser.cjs', 'core', 'shared', 'app', 'server', 'demo', 'bench', 'hardening', 'engine',
      'solver',
    ]) === 0,
)
await check('types', async () => await run(bin('vue-tsc'), ['-b', '--noEmit'], { env }) === 0)
await check('types of the tests', async () => await run(bin('vue-tsc'), ['-p', 'tsconfig.tests.json']) === 0)
for (const part of ['core', 'bench', 'engine', 'hardening'])
  await check(`types of ${part} alone`, async () => await run(bin('tsc'), ['-p', part]) === 0)
await vitest('unit', ['core', 'components'])

const cluster = await ensurePostgres({ name: 'postgres-test', durable: false })
try {
  await vitest('database', ['database'])
  await ensureBuild()
  await ensureChromium()
  // Short hardening runs; long ones are npm run fuzz, npm run faults and npm run floor-faults.
  await check(
    'fuzz, 600 cases',
    async () => await run(process.execPath, ['scripts/fuzz.mjs', '--cases', '600', '--seed', '3']) === 0,
  )
  await check(
    'faults, 5 rounds',
    async () => await run(process.execPath, ['scripts/faults.mjs', '--rounds', '5', '--seed', '3']) === 0,
  )
  await check(
    'faults on the floor, 7 rounds',
    async () => await run(process.execPath, ['scripts/floorFaults.mjs', '--rounds', '7', '--seed', '3']) === 0,
  )
  const report = join(results, 'browser.json')
  const port = await freePort(4310)
  await counted(
    'browser',
    () =>
      run(bin('playwright'), ['test'], {
        env: { ...env, TEST_PORT: String(port), PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
      }),
    () => {
      const stats = existsSync(report) ? readJson(report).stats : null
      return stats && { passed: stats.expected + stats.flaky, failed: stats.unexpected }
    })
}
finally {
  if (cluster.owned) stopPostgres('postgres-test')
  stopPostgres('postgres-faults')
}

if (failures.length > 0) say(`\nFailed: ${[failures.join(', '), ...failedTests].join('\n  ')}`)
say(`\n${tally.passed} passed, ${tally.failed} failed`)
process.exit(tally.failed === 0 ? 0 : 1)
