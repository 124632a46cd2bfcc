import { shallowRef } from 'vue'
import type { Told, Topic } from '~~/shared/types'

/** Whether the server tells of changes at once; where it does not, pages ask every few seconds. */
export const isLive = shallowRef(false)

const PATH = '/api/live'
const NAME = 'keen-anchor/live'
/** How long after a line was refused it is asked for again. */
const AGAIN_MS = 30_000

type Said = { readonly told: Told } | { readonly live: boolean } | 'who'

const watchers = new Set<{ readonly topic: Topic, readonly call: (subject: string | null) => void }>()

/** Calls when something of a kind was told, with whom it is about; null when anything may have changed meanwhile. */
export function whenTold(topic: Topic, call: (subject: string | null) => void): () => void {
  const watcher = { topic, call }
  watchers.add(watcher)
  return () => watchers.delete(watcher)
}

function tellPage({ topic, subject }: Told): void {
  for (const watcher of watchers) if (watcher.topic === topic) watcher.call(subject)
}

function setLive(live: boolean): void {
  const back = live && !isLive.value
  isLive.value = live
  if (back) for (const watcher of watchers) watcher.call(null)
}

let end: (() => void) | null = null

/**
 * Looks on for whoever is signed in. One tab of a browser holds the line for all of them: a browser has few lines to
 * one server. Without locks (an address that is not safe) every page asks for itself, as it does without a line.
 */
export function lookOn(): void {
  const locks = navigator.locks as LockManager | undefined
  if (end || !locks) return
  const tabs = new BroadcastChannel(NAME)
  const leave = new AbortController()
  let isHolder = false
  tabs.onmessage = ({ data }: MessageEvent<Said>) => {
    if (data === 'who') {
      if (isHolder) tabs.postMessage({ live: isLive.value } satisfies Said)
    }
    else if ('told' in data) tellPage(data.told)
    else setLive(data.live)
  }
  tabs.postMessage('who' satisfies Said)
  void locks.request(NAME, { signal: leave.signal }, async () => {
    isHolder = true
    await hold(leave.signal, (said) => {
      tabs.postMessage(said)
      if ('told' in said) tellPage(said.told)
      else setLive(said.live)
    })
  }).catch(() => undefined)
  end = () => {
    leave.abort()
    tabs.close()
    setLive(false)
  }
}

/** Whoever was signed in is not told any more. */
export function lookAway(): void {
  end?.()
  end = null
}

/** Holds the line until nobody looks on. */
function hold(until: AbortSignal, tell: (said: Exclude<Said, 'who'>) => void): Promise<void> {
  let source: EventSource
  let timer: ReturnType<typeof setTimeout> | undefined
  function open(): void {
    source = new EventSource(PATH)
    source.addEventListener('heard', () => tell({ live: true }))
    source.addEventListener('deaf', () => tell({ live: false }))
    source.addEventListener('told', ({ data }: MessageEvent<string>) => tell({ told: JSON.parse(data) as Told }))
    source.addEventListener('error', () => {
      tell({ live: false })
      // The browser makes a lost line again, but gives up where something answers that is none: a starting server.
      if (source.readyState === EventSource.CLOSED) timer = setTimeout(open, AGAIN_MS)
    })
  }
  open()
  return new Promise((done) => {
    until.addEventListener('abort', () => {
      clearTimeout(timer)
      source.close()
      done()
    })
  })
}
