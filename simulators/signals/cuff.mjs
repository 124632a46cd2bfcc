import { whiteNoise } from './noise.mjs'

/**
 * A cuff under the low back, at 40 mmHg, breathing. Acting: drifts by so many mmHg over a second, stays for a time, and
 * comes back.
 */
export function cuff() {
  const noise = whiteNoise(5)
  let drift = { at: -1e9, mmHg: 0, forS: 0 }
  return {
    kind: 'cuff', name: 'cuff-1', hz: 10, noiseAtFault: 6, jumpAtFault: 40,
    act: (now, mmHg, forS) => { drift = { at: now, mmHg, forS } },
    valueAt: (now) => {
      const t = now - drift.at
      const share = t < 0 || t > drift.forS + 1 ? 0 : Math.min(1, t, drift.forS + 1 - t)
      return 40 + 1.4 * Math.sin(now * 2 * Math.PI / 5) + drift.mmHg * share + noise() * 0.2
    },
  }
}
