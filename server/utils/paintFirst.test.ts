import { runInNewContext } from 'node:vm'
import { expect, it, vi } from 'vitest'
import { paintFirst } from './paintFirst'

const ahead = (href: string): string => `<link rel="modulepreload" as="script" crossorigin href="/_nuxt/${href}">`
const head = `<title>a</title>${ahead('a-B_1.js')}${ahead('c.js')}`
  + '<script type="module" src="/_nuxt/a-B_1.js" crossorigin></script><meta name="x">'

/** What a page does with the script of a head: what it appends and begins, before and after it is painted. */
function page(html: string) {
  const script = /<script[^>]*>(.*)<\/script>/.exec(html)![1]!.replace(/import\(/g, 'load(')
  const [append, load] = [vi.fn(), vi.fn()]
  const waits: (() => void)[] = []
  const frames: (() => void)[] = []
  runInNewContext(script, {
    document: { head: { append }, createElement: () => ({}) }, load,
    requestAnimationFrame: (work: () => void) => frames.push(work), setTimeout: (work: () => void) => waits.push(work),
  })
  return { append, load, frames, waits }
}

it('the code of a page is fetched and begins once it is painted, once', () => {
  const html = paintFirst(head)
  expect(html).toMatch(/^<title>a<\/title><script type="module">.*<\/script><meta name="x">$/)
  const { append, load, frames, waits } = page(html)
  expect(load).not.toHaveBeenCalled()
  frames[0]!()
  for (const wait of waits) wait()
  expect(append.mock.calls).toEqual([[{ rel: 'modulepreload', crossOrigin: '', href: '/_nuxt/c.js' }]])
  expect(load.mock.calls).toEqual([['/_nuxt/a-B_1.js']])
})

it('begins after a second where nothing is painted, with the page’s own nonce where it has one', () => {
  const html = paintFirst(head.replace('<script', '<script nonce="x+/="'))
  expect(html).toContain('<script nonce="x+/=" type="module">')
  const { load, waits } = page(html)
  waits[0]!()
  expect(load).toHaveBeenCalledTimes(1)
})

it('other scripts stay as they are', () => {
  const others = '<script src="/_nuxt/a.js"></script><script type="application/json" data-ssr="true">{}</script>'
  expect(paintFirst(others)).toBe(others)
})
