import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import * as anatomy from './anatomy'
import * as assessment from './assessment'
import * as calendar from './calendar'
import * as capacity from './capacity'
import * as catalogue from './catalogue'
import * as chance from './chance'
import * as dose from './dose'
import * as errors from './errors'
import * as floor from './floor'
import * as floorDay from './floor/day'
import * as floorSession from './floor/session'
import * as instruments from './instruments'
import * as mechanics from './mechanics'
import * as poses from './mechanics/poses/directions'
import * as load from './load'
import * as merge from './merge'
import * as planner from './planner'
import * as policy from './policy'
import * as prescription from './prescription'
import * as programme from './programme'
import * as progression from './progression'
import * as review from './review'
import * as rules from './rules'
import * as season from './season'
import * as timer from './timer'
import * as screening from './screening'
import * as statistics from './statistics'
import * as fixtures from './testing/fixtures'

const scope: Record<string, unknown> = {
  ...anatomy, ...mechanics, ...poses, ...assessment, ...calendar, ...catalogue, ...dose, ...errors,
  ...chance, ...timer, ...floor, ...floorDay, ...floorSession, ...instruments,
  ...capacity, ...load, ...merge, ...progression, ...review,
  ...planner, ...prescription, ...policy, ...programme, ...rules, ...season, ...screening, ...statistics, ...fixtures,
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

const moduleAt = async (file: string): Promise<Record<string, unknown>> =>
  await import(join(root, file)) as Record<string, unknown>

/** An expression with what the core exports, and what its own file does. */
async function run(expression: string, file: string): Promise<unknown> {
  const here = { ...scope, ...await moduleAt(file) }
  return (new Function(...Object.keys(here), `return (${expression})`) as (...values: unknown[]) => unknown)(
    ...Object.values(here),
  )
}

const examples = files.flatMap(path => [...readFileSync(path, 'utf8').matchAll(/@example\n \* (.+) \/\/ => (.+)/g)]
  .map(([, expression, result]) => ({ file: path.slice(root.length + 1), expression: expression!, result: result! })))

describe('documentation of the core', () => {
  it.each(examples)('$file: $expression is $result', async ({ file, expression, result }) => {
    expect(await run(expression, file)).toEqual(await run(result, file))
  })

  it('gives every public function a comment with an example', async () => {
    const functions = (await Promise.all(files.map(async (path) => {
      const file = path.slice(root.length + 1)
      const own = await moduleAt(file)
      // Public is what stands in the index of its folder: the same function under the same name.
      return [...readFileSync(path, 'utf8').matchAll(/^(.*)\n(?:\/\/ eslint.*\n)?export function (\w+)/gm)]
        .filter(([, , name]) => name !== undefined && own[name] === scope[name])
        .map(([, above, name]) => ({ name: `${file}: ${name}`, bare: above?.trim() !== '*/' }))
    }))).flat()
    expect(functions.filter(({ bare }) => bare).map(({ name }) => name)).toEqual([])
    expect(examples.length).toBeGreaterThanOrEqual(functions.length)
    expect(functions.length).toBeGreaterThan(250)
  })
})
