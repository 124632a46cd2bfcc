import { execFileSync } from 'node:child_process'
import { join } from 'node:path'
import ts from 'typescript'
import { beforeAll, describe, expect, it } from 'vitest'
import { root } from './lib/project.mjs'

const git = (...args: string[]): string => execFileSync('git', args, { cwd: root, encoding: 'utf8' })
let files: string[] = []
beforeAll(() => {
  files = git('ls-files', '--cached', '--others', '--exclude-standard').split('\n').filter(Boolean)
})

describe('every test file', () => {
  it('is run by exactly one project, or by the browser', () => {
    const listed = JSON.parse(execFileSync(process.execPath, [
      join(root, 'node_modules', 'vitest', 'vitest.mjs'), 'list', '--filesOnly', '--json',
    ], { cwd: root, encoding: 'utf8' })) as { file: string }[]
    const run = listed.map(({ file }) => file.slice(root.length + 1)).sort()
    expect(run).toEqual(files.filter(file => file.endsWith('.test.ts')).sort())
    expect(files.filter(file => file.endsWith('.spec.ts') && !file.startsWith('e2e/'))).toEqual([])
  })
})

describe('every TypeScript file', () => {
  const PROJECTS = [
    '.nuxt/tsconfig.app.json', '.nuxt/tsconfig.server.json', '.nuxt/tsconfig.shared.json', '.nuxt/tsconfig.node.json',
    'core/tsconfig.json', 'bench/tsconfig.json', 'engine/tsconfig.json', 'hardening/tsconfig.json',
    'tsconfig.tests.json',
  ]
  it('is type-checked', () => {
    const checked = new Set(PROJECTS.flatMap((project) => {
      const path = join(root, project)
      const { config } = ts.readConfigFile(path, ts.sys.readFile) as { config: unknown }
      return ts.parseJsonConfigFileContent(config, ts.sys, join(path, '..')).fileNames
    }))
    expect(files.filter(file => file.endsWith('.ts') && !checked.has(join(root, file)))).toEqual([])
  })
})
