/** How long a hand rests before what it did is stored. */
const AFTER_MS = 500

/**
 * Stores by (save) soon after the last change: one write at a time, and again when something changed meanwhile. A
 * write that has not left the device may be replaced instead of waited for.
 */
export function soonStored(save: () => Promise<void>, canReplace: () => boolean = () => false) {
  let timer: ReturnType<typeof setTimeout> | null = null
  let underWay: Promise<void> | null = null

  function soon(): void {
    if (timer) clearTimeout(timer)
    timer = setTimeout(() => void now(), AFTER_MS)
  }

  async function now(): Promise<void> {
    if (underWay && !canReplace()) return underWay.then(now)
    const mine = save()
    underWay = mine
    try {
      await mine
    }
    finally {
      if (underWay === mine) underWay = null
    }
  }

  /** No longer soon: whoever asks stores at once or not at all. */
  function halt(): void {
    if (timer) clearTimeout(timer)
    timer = null
  }

  return { soon, now, halt, underWay: (): Promise<void> | null => underWay }
}
