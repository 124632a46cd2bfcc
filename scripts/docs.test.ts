import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { root } from './lib/project.mjs'

const pages = ['README.md', ...readdirSync(join(root, 'docs')).filter(f => f.endsWith('.md')).map(f => `docs/${f}`)]
const ROOMS = 'app|server|core|shared|engine|hardening|solver|scripts|docs|demo|bench'
const PATH = new RegExp(`\`((?:${ROOMS})\\/[^\`\\s]+\\.(?:ts|vue|mjs|md))\``, 'g')

it.each(pages)('%s names no file that is not there', (page) => {
  const named = [...readFileSync(join(root, page), 'utf8').matchAll(PATH)].map(([, path]) => path!)
  expect(named.filter(path => !existsSync(join(root, path)))).toEqual([])
})
