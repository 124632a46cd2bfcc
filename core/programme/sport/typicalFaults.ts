import type { Variation } from '../../catalogue'

/** Faults of the trunk by kind, and the words they are seen under in a drill (common practice, no source). */
export const TYPICAL_FAULTS = {
  arches: { name: 'low back arches, ribs lift', see: /arch|\bback lifts|back leaves|ribs? (flare|lift)|belly/i },
  rounds: { name: 'back rounds', see: /round/i },
  sags: { name: 'hips sag or drop', see: /sag|sink|hips? drops?/i },
  turns: { name: 'hips or trunk turn', see: /turn|twist|\brolls?\b|opens/i },
  leans: { name: 'leans or tips aside', see: /lean|\btips?\b|sway|aside/i },
  breath: { name: 'breath held', see: /breath|holds it/i },
  neck: { name: 'neck leads, shoulders shrug', see: /neck|chin|head|shrug/i },
  hurries: { name: 'hurries', see: /hurr|rush|fast|bounce|snap|drops the last/i },
  swings: { name: 'swings through', see: /swing|momentum|kick/i },
} as const satisfies Record<string, { readonly name: string, readonly see: RegExp }>
export type FaultId = keyof typeof TYPICAL_FAULTS
export const FAULT_IDS = Object.keys(TYPICAL_FAULTS) as FaultId[]

/**
 * A drill's faults with those first that the sport brings with it, in the sport's order; the others keep theirs.
 *
 * @example
 * faultsInOrder([{ see: 'Hips sag', fix: '' }, { see: 'Neck leads', fix: '' }], ['neck'])[0].see // => 'Neck leads'
 */
export function faultsInOrder(faults: Variation['faults'], typical: readonly FaultId[]): Variation['faults'] {
  const place = (see: string): number => {
    const at = typical.findIndex(id => TYPICAL_FAULTS[id].see.test(see))
    return at < 0 ? typical.length : at
  }
  return faults.map(fault => ({ fault, at: place(fault.see) })).sort((a, b) => a.at - b.at).map(({ fault }) => fault)
}
