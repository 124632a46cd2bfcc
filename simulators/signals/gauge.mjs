import { whiteNoise } from './noise.mjs'

/**
 * A force gauge in line with a band. Acting: pulls to so many newtons for so many seconds, with a ramp, a tremor and
 * some sag.
 */
export function gauge() {
  const noise = whiteNoise(3)
  let pull = { at: -1e9, newtons: 0, forS: 0 }
  const RAMP_S = 0.4
  return {
    kind: 'force', name: 'gauge-1', hz: 20, noiseAtFault: 25, jumpAtFault: 260,
    act: (now, newtons, forS) => { pull = { at: now, newtons, forS } },
    valueAt: (now) => {
      const t = now - pull.at
      const share = t < 0 || t > pull.forS + RAMP_S ? 0 : Math.min(1, t / RAMP_S, (pull.forS + RAMP_S - t) / RAMP_S)
      const tremor = Math.sin(t * 2 * Math.PI * 1.3) * 0.012 + Math.sin(t * 2 * Math.PI * 0.31) * 0.015
      return pull.newtons * share * (1 + tremor) + noise() * 0.5
    },
  }
}
