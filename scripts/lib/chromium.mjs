import { existsSync } from 'node:fs'
import { installDebian } from './debian.mjs'

/** Debian's Chromium, installed when it is not there. */
export async function ensureChromium() {
  if (['/usr/bin/chromium', '/usr/bin/chromium-browser'].some(path => existsSync(path))) return
  await installDebian('Chromium', ['chromium'])
}
