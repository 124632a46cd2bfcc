import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import * as anatomy from './anatomy'
import * as assessment from './assessment'
import * as calendar from './calendar'
import * as catalogue from './catalogue'
import * as dose from './dose'
import * as errors from './errors'
import * as instruments from './instruments'
import * as mechanics from './mechanics'
import * as poses from './mechanics/poses/directions'
import * as merge from './merge'
import * as planner from './planner'
import * as policy from './policy'
import * as programme from './programme'
import * as rules from './rules'
import * as season from './season'
import * as screening from './screening'
import * as statistics from './statistics'
import * as fixtures from './testing/fixtures'

const scope: Record<string, unknown> = {
  ...anatomy, ...mechanics, ...poses, ...assessment, ...calendar, ...catalogue, ...dose, ...errors, ...instruments,
  ...merge, ...planner, ...policy, ...programme, ...rules, ...season, ...screening, ...statistics, ...fixtures,
}

function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return sources(path)
    return path.endsWith('.ts') && !path.endsWith('.test.ts') ? [path] : []
  })
}

const root = import.meta.dirname
const files = sources(root).filter(path => !path.includes('testing'))

function run(expression: string): unknown {
  const names = Object.keys(scope)
  return (new Function(...names, `return (${expression})`) as (...values: unknown[]) => unknown)(
    ...names.map(name => scope[name]),
  )
}

const examples = files.flatMap(path => [...readFileSync(path, 'utf8').matchAll(/@example\n \* (.+) \/\/ => (.+)/g)]
  .map(([, expression, result]) => ({ file: path.slice(root.length + 1), expression: expression!, result: result! })))

describe('documentation of the core', () => {
  it.each(examples)('$file: $expression is $result', ({ expression, result }) => {
    expect(run(expression)).toEqual(run(result))
  })

  it('gives every exported function a comment with an example', () => {
    const bare = files.flatMap(path => [...readFileSync(path, 'utf8').matchAll(/^(?:(.*)\n)export function (\w+)/gm)]
      .filter(match => match[1]!.trim() !== '*/')
      .map(match => `${path.slice(root.length + 1)}: ${match[2]}`))
    expect(bare).toEqual([])
    const functions = files.reduce(
      (n, path) => n + [...readFileSync(path, 'utf8').matchAll(/^export function /gm)].length,
      0,
    )
    expect(examples.length).toBeGreaterThanOrEqual(functions)
  })
})
