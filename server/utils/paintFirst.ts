/** The script that a page begins with, and what is fetched ahead for it, as the renderer writes them. */
const ENTRY = /<script((?: [a-z]+(?:="[^"]*")?){0,4}) src="(\/_nuxt\/[\w.-]{1,80}\.js)"(?: crossorigin)?><\/script>/
const AHEAD = /<link(?: nonce="[^"]*")? rel="modulepreload" as="script" crossorigin href="(\/_nuxt\/[\w.-]{1,80})">/g

/** Milliseconds after which the code begins even if nothing was painted: a page may be opened in the background. */
const NO_LATER_MS = 1000

/** Runs in the page: fetches all that is needed at once, and begins. */
const begin = (src: string, ahead: readonly string[]): string =>
  `let begun;const begin=()=>{if(begun)return;begun=1;for(const href of ${JSON.stringify(ahead)})`
  + 'document.head.append(Object.assign(document.createElement("link"),{rel:"modulepreload",crossOrigin:"",href}));'
  + `import("${src}")};requestAnimationFrame(()=>setTimeout(begin));setTimeout(begin,${NO_LATER_MS})`

/**
 * Lets the browser paint what the server has drawn before the page's code is fetched and begins: on a slow phone every
 * file asked for costs as much as painting a line, and the code most of a second.
 */
export function paintFirst(head: string): string {
  const [script, attributes = '', src = ''] = ENTRY.exec(head) ?? []
  if (!script || !attributes.includes('type="module"')) return head
  const ahead = [...head.matchAll(AHEAD)].map(([, href]) => href!).filter(href => href !== src)
  return head.replace(AHEAD, '').replace(script, () => `<script${attributes}>${begin(src, ahead)}</script>`)
}
