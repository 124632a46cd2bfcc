import { mkdtemp, rm } from 'node:fs/promises'
import { connect, createServer, type Socket } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, expect, type BrowserContext, type LaunchOptions, type Page } from '@playwright/test'

const SERVER_PORT = Number(process.env.TEST_PORT ?? '4310')

/** A line between a device and the server that can be cut: also for what works behind the pages. */
export async function openLine(port = SERVER_PORT) {
  const sockets = new Set<Socket>()
  let isCut = false
  const relay = createServer((near) => {
    if (isCut) {
      near.destroy()
      return
    }
    const far = connect(port, '127.0.0.1')
    for (const [socket, other] of [[near, far], [far, near]] as const) {
      sockets.add(socket)
      socket.on('error', () => other.destroy())
      socket.on('close', () => {
        sockets.delete(socket)
        other.destroy()
      })
      socket.pipe(other)
    }
  })
  await new Promise<void>(done => relay.listen(0, '127.0.0.1', done))
  const address = relay.address()
  return {
    url: `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`,
    cut(how: boolean): void {
      isCut = how
      if (how) for (const socket of sockets) socket.destroy()
    },
    async close(): Promise<void> {
      for (const socket of sockets) socket.destroy()
      await new Promise(done => relay.close(done))
    },
  }
}

/** A device with a browser of its own that can be switched off and on again, and keeps what it has kept. */
export async function aDevice(
  baseURL: string, options: LaunchOptions & { viewport: { width: number, height: number } },
) {
  const folder = await mkdtemp(join(tmpdir(), 'keen-anchor-device-'))
  let context: BrowserContext | null = null
  return {
    async on(): Promise<Page> {
      context = await chromium.launchPersistentContext(folder, { ...options, baseURL, serviceWorkers: 'allow' })
      return context.pages()[0] ?? await context.newPage()
    },
    async off(): Promise<void> {
      await context?.close()
      context = null
    },
    async scrap(): Promise<void> {
      await context?.close()
      await rm(folder, { recursive: true, force: true })
    },
  }
}

/** Waits until the pages of the floor are on the device, and what was read from these paths. */
export async function readyWithoutLine(page: Page, ...paths: string[]): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready)
  await expect.poll(async () => {
    const kept = await page.evaluate(answersKept)
    return paths.filter(path => !kept.includes(path))
  }).toEqual([])
}

/** In the page: the paths of which it keeps an answer. */
function answersKept(): Promise<string[]> {
  return new Promise((done, failed) => {
    const asked = indexedDB.open('keen-anchor')
    asked.onerror = () => failed(asked.error)
    asked.onsuccess = () => {
      const keys = asked.result.transaction('answers').objectStore('answers').getAllKeys()
      asked.result.close()
      keys.onerror = () => failed(keys.error)
      keys.onsuccess = () => done((keys.result as string[][]).map(([, path]) => path!))
    }
  })
}
