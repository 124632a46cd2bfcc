import { defineNitroPlugin } from 'nitropack/runtime'
import { paintFirst } from '../utils/paintFirst'

/** What the server has drawn is painted before the page's code begins. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:html', (html) => { html.head = [paintFirst(html.head.join(''))] })
})
