import { describe, expect, it } from 'vitest'
import { filesWithoutLine, offline } from './offline.config'

const manifest = {
  'entry.ts': { file: 'entry.js', isEntry: true, css: ['entry.css'], dynamicImports: ['app/pages/today.vue', 'chart'] },
  'app/pages/today.vue': { file: 'today.js', imports: ['shared.js'], assets: ['font.woff2'] },
  'app/pages/sports.vue': { file: 'sports.js', imports: ['big.js'] },
  'shared.js': { file: 'shared.js', dynamicImports: ['app/pages/sports.vue'] },
  'big.js': { file: 'big.js' },
  'chart': { file: 'chart.js' },
}

describe('what a device keeps of the build', () => {
  it('is what pages without a line reach, and nothing of other pages', () => {
    expect([...filesWithoutLine(manifest)].sort()).toEqual(
      ['chart.js', 'entry.css', 'entry.js', 'font.woff2', 'shared.js', 'today.js'],
    )
  })

  it('has a shell that is new whenever a file is', () => {
    const shellOf = (files: string[]) => {
      const { manifestTransforms: [only] } = offline(() => new Set(files)).injectManifest
      return only!([{ url: '_nuxt/a.js', revision: null, size: 1 }, { url: '_nuxt/z.js', revision: null, size: 1 }])
        .manifest.map(({ url, revision }) => (url === '/shell' ? revision : url))
    }
    const [file, shell] = shellOf(['a.js'])
    expect(file).toBe('_nuxt/a.js')
    expect(shellOf(['a.js'])[1]).toBe(shell)
    expect(shellOf(['a.js', 'b.js'])[1]).not.toBe(shell)
  })
})
