import { spawn, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Browser, type Page } from '@playwright/test'
import type { Line } from './line'

const CHROMIUM = ['/usr/bin/chromium', '/usr/bin/chromium-browser'].find(path => existsSync(path))!
const sleep = (ms: number): Promise<unknown> => new Promise(resolve => setTimeout(resolve, ms))

/** A set that was logged by a tap: which, when, and how hard it was said to be. */
export interface Tap {
  /** "Plank at the wall|left side|3": the set as the page names it. */
  readonly set: string
  readonly effort: number | null
  /** When the page had gone on. */
  readonly at: number
}

/** A browser of its own on a disk of its own, which can be killed like a tablet whose battery is taken out. */
export class Tablet {
  readonly taps: Tap[] = []
  /** Efforts that may have been tapped: the page was left before it could say so, or of which set. */
  readonly unsure: number[] = []
  page!: Page
  private browser: Browser | null = null
  private process: ChildProcess | null = null
  private readonly folder = mkdtempSync(join(tmpdir(), 'keen-anchor-tablet-'))
  private lastSet: string | null = null

  constructor(readonly line: Line, readonly email: string) {}

  async on(): Promise<void> {
    const portFile = join(this.folder, 'DevToolsActivePort')
    rmSync(portFile, { force: true })
    for (const name of ['SingletonLock', 'SingletonSocket', 'SingletonCookie'])
      rmSync(join(this.folder, name), { force: true })
    this.process = spawn(CHROMIUM, [
      '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-sync',
      '--disable-background-networking', '--disable-component-update', '--remote-debugging-port=0',
      `--user-data-dir=${this.folder}`, 'about:blank',
    ], { stdio: 'ignore', detached: true })
    const port = await this.portIn(portFile)
    this.browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`)
    const context = this.browser.contexts()[0]!
    // The compiler of this run names functions by a helper that pages do not have.
    await context.addInitScript({ content: 'globalThis.__name = named => named' })
    await context.addInitScript(clockThatJumps)
    this.page = context.pages()[0] ?? await context.newPage()
  }

  /** The port that a browser writes down when it is there; the file is there before it. */
  private async portIn(file: string): Promise<string> {
    for (let i = 0; i < 800; i++) {
      const [port] = existsSync(file) ? readFileSync(file, 'utf8').split('\n') : []
      if (port) return port
      await sleep(25)
    }
    throw new Error('The browser does not come up.')
  }

  /** Ended in the middle of whatever it does, with all its processes. */
  kill(): void {
    if (this.process?.pid) process.kill(-this.process.pid, 'SIGKILL')
    this.process = null
    this.browser = null
  }

  scrap(): void {
    this.kill()
    rmSync(this.folder, { recursive: true, force: true })
  }

  async signIn(): Promise<void> {
    await this.page.goto(`${this.line.url}/sign-in`)
    await this.page.locator('html[data-ready]').waitFor()
    await this.page.getByLabel('E-mail').fill(this.email)
    await this.page.getByLabel('Password').fill('anchor-demo')
    await this.page.getByRole('button', { name: 'Sign in' }).click()
    await this.page.waitForURL(/roster/)
    await this.page.evaluate(() => navigator.serviceWorker.ready)
  }

  /** A new session: what was tapped in the one before is told. */
  forget(): void {
    this.taps.length = 0
    this.unsure.length = 0
    this.lastSet = null
  }

  async open(path: string): Promise<void> {
    for (let tries = 0; ; tries++) {
      try {
        await this.page.goto(this.line.url + path, { timeout: 60_000 })
        await this.page.locator('html[data-ready]').waitFor({ timeout: 60_000 })
        // A browser writes its cookies down every half minute: one that is killed before that asks who is there.
        if (!this.page.url().includes('/sign-in')) return
        await this.signIn()
      }
      catch (error) {
        if (tries > 4) throw error
      }
    }
  }

  /** Signs in where the page asks for it: a cookie that no disk had yet died with its browser. */
  async signInAgain(): Promise<void> {
    const goOn = this.page.getByRole('button', { name: 'Sign in and go on' })
    if (!await goOn.isVisible()) return
    await this.page.getByLabel('E-mail').fill(this.email)
    await this.page.getByLabel('Password').fill('anchor-demo')
    await goOn.click()
    await goOn.waitFor({ state: 'hidden', timeout: 10_000 })
  }

  /** Does the next thing of a session; true when all of it is done. */
  async tap(effort: number | null): Promise<boolean> {
    const did = await this.page.evaluate(nextThing, effort).catch((error: unknown) => {
      this.lastSet = null
      if (effort !== null) this.unsure.push(effort)
      throw error
    })
    if (did === 'over') return true
    if (did === 'effort') {
      if (this.lastSet === null) this.unsure.push(effort!)
      else this.taps.push({ set: this.lastSet, effort, at: Date.now() })
    }
    else if (did) {
      this.lastSet = did
      this.taps.push({ set: did, effort: null, at: Date.now() })
    }
    return false
  }

  jump(ms: number): Promise<void> {
    return this.page.evaluate(by => (window as unknown as { jumpClock: (ms: number) => void }).jumpClock(by), ms)
  }

  /** No room for anything new, or as much as there was. */
  async room(bytes: number | null): Promise<void> {
    const session = await this.page.context().newCDPSession(this.page)
    await session.send('Storage.overrideQuotaForOrigin', {
      origin: this.line.url, ...bytes === null ? {} : { quotaSize: bytes },
    })
    // The limit goes with the one who set it, so it is let stand until it is lifted.
    if (bytes === null) await session.detach()
  }

  /** Takes a new version of the application into use as a person would. */
  async renew(): Promise<void> {
    await this.page.evaluate(async () => { await (await navigator.serviceWorker.getRegistration())?.update() })
    const use = this.page.getByRole('button', { name: 'Use it now' })
    await use.waitFor({ timeout: 60_000 })
    await Promise.all([this.page.waitForEvent('load', { timeout: 60_000 }), use.click()])
    await this.page.locator('html[data-ready]').waitFor()
  }

  /** Writes that wait on the disk, and whether the page still says that something does. */
  async waits(): Promise<boolean> {
    return await this.page.evaluate(async () => {
      if (document.querySelector('[aria-label="Waiting to be stored"]')?.textContent?.includes('wait')) return true
      return await new Promise<boolean>((done) => {
        const asked = indexedDB.open('keen-anchor')
        asked.onerror = () => done(true)
        asked.onsuccess = () => {
          const db = asked.result
          const count = db.transaction('writes').objectStore('writes').count()
          count.onsuccess = () => {
            db.close()
            done(count.result > 0)
          }
          count.onerror = () => done(true)
        }
      })
    })
  }
}

/** Put before everything else in a page: its clock can be put forward and back, as a device's own can. */
function clockThatJumps(): void {
  const Real = Date
  let ms = 0
  class Jumping extends Real {
    constructor(...given: [] | [number]) {
      if (given.length === 0) super(Real.now() + ms)
      else super(...given)
    }

    static override now(): number {
      return Real.now() + ms
    }
  }
  Object.assign(window, { Date: Jumping, jumpClock: (by: number) => { ms += by } })
}

/** In the page: logs the set at hand, says how hard the one before was, or ends a rest; what was done. */
function nextThing(effort: number | null): string | null {
  const button = (text: string): HTMLButtonElement | undefined =>
    [...document.querySelectorAll('button')].find(one => one.textContent?.trim() === text)
  const rest = button('Go on now')
  const hard = document.querySelector<HTMLButtonElement>(`button[aria-label="Effort ${effort} of 10"]`)
  if (hard && hard.getAttribute('aria-pressed') !== 'true') {
    hard.click()
    return 'effort'
  }
  if (rest) {
    rest.click()
    return null
  }
  if (document.querySelector('h1')?.textContent?.includes('Session done')) return 'over'
  const done = button('Done as asked')
  const text = document.querySelector('.floor-set')?.textContent
  if (!done || !text) return null
  const name = document.querySelector('.floor-set h1')!.textContent!.trim()
  const side = /(left|right) side/.exec(text)?.[1] ?? 'both'
  const number = /set (\d+)/.exec(text)?.[1]
  done.click()
  return `${name}|${side}|${number}`
}
