import { createHash } from 'node:crypto'
import { SHELL } from './app/serviceWorker/shell'

/** What works without a network: which pages, and how this application installs on a device. */

/** Pages that open without a line; what they load is on the device from the first visit on. */
const PAGES_WITHOUT_LINE = [
  'today.vue', 'run/[id].vue', 'day.vue', 'floor/[groupId].vue', 'tests/index.vue', 'sign-in.vue', 'brace.vue',
].map(page => `app/pages/${page}`)

/** One file of the build, as its manifest tells: what it is made of and what it loads. */
interface Built {
  readonly file: string
  readonly src?: string
  readonly isEntry?: boolean
  readonly css?: readonly string[]
  readonly assets?: readonly string[]
  readonly imports?: readonly string[]
  readonly dynamicImports?: readonly string[]
}

/** Files that pages without a line need, from the entry and these pages on; other pages are left out. */
export function filesWithoutLine(manifest: Readonly<Record<string, Built>>): Set<string> {
  const isOtherPage = (key: string): boolean => key.startsWith('app/pages/') && !PAGES_WITHOUT_LINE.includes(key)
  const seen = new Set<string>()
  const next = Object.keys(manifest).filter(key => manifest[key]!.isEntry || PAGES_WITHOUT_LINE.includes(key))
  for (let key = next.pop(); key !== undefined; key = next.pop()) {
    const built = manifest[key]
    if (!built || seen.has(key) || isOtherPage(key)) continue
    seen.add(key)
    next.push(...built.imports ?? [], ...built.dynamicImports ?? [])
  }
  return new Set([...seen].flatMap((key) => {
    const { file, css = [], assets = [] } = manifest[key]!
    return [file, ...css, ...assets]
  }))
}

/**
 * How the application is installed and what a device keeps of it.
 *
 * @param needed the files that pages without a line need, known once they are built
 */
export function offline(needed: () => ReadonlySet<string>) {
  return {
    strategies: 'injectManifest' as const,
    srcDir: 'serviceWorker',
    filename: 'serviceWorker.ts',
    registerType: 'prompt' as const,
    injectRegister: null,
    client: { registerPlugin: false },
    manifest: {
      name: 'Keen Anchor', short_name: 'Keen Anchor', id: '/', start_url: '/', display: 'standalone' as const,
      description: 'Trunk and bracing programmes for a roster.', lang: 'en',
      background_color: '#F1ECE1', theme_color: '#1F2A30',
      icons: [
        { src: '/anchor-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/anchor-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/anchor-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
    injectManifest: {
      globPatterns: ['_nuxt/**/*.{js,css,woff2}', 'anchor.svg', 'manifest.webmanifest'],
      manifestTransforms: [(entries: { url: string, revision: string | null, size: number }[]) => {
        const isNeeded = ({ url }: { url: string }): boolean => !url.startsWith('_nuxt/')
          || needed().has(url.slice('_nuxt/'.length)) || url.includes('Thread')
        const manifest = entries.filter(isNeeded)
        // Whatever changes in the build changes the shell: it names the files.
        const revision = createHash('sha256').update([...needed()].sort().join()).digest('hex').slice(0, 16)
        return { manifest: [...manifest, { url: SHELL, revision, size: 0 }], warnings: [] }
      }],
    },
  }
}
