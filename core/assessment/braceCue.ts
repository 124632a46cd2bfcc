/** The two schools of cue, with what each is for and what it costs. The reasons are common practice, no source. */
export const BRACE_CUES = {
  brace: {
    name: 'Brace all round',
    words: 'Swell to the front, the sides and the back, and stiffen.',
    why:
      'Stiff in every direction, which is what load asks for. Costs: easily overdone, and the breath gets stuck '
      + 'behind it.',
  },
  drawIn: {
    name: 'Draw in',
    words: 'Draw the navel gently towards the spine, and keep breathing.',
    why:
      'Teaches fine control of the deep layer with little effort. Costs: narrows the waist and stiffens less, so '
      + 'it is not used under load.',
  },
} as const
export type BraceCue = keyof typeof BRACE_CUES

/** Steps of the brace course that carry no load: only there may the cue be to draw in. */
const LOW_LOAD_STEPS = 5

/**
 * The cue for a step of the brace course: what the coach chose, and under load the brace whatever was chosen.
 *
 * @param step 1-7
 * @example
 * cueForStep('drawIn', 6) // => 'brace'
 */
export function cueForStep(chosen: BraceCue, step: number): BraceCue {
  return step <= LOW_LOAD_STEPS ? chosen : 'brace'
}

/** What makes a drill a loaded one for the cue: a lift, a carry, or anything the spine pays for. */
interface CueTask {
  readonly spineCost: number
  readonly loadKg?: number | undefined
}

/**
 * The cue for a drill, with the reason where the chosen one gives way.
 *
 * @example
 * cueForDrill('drawIn', { spineCost: 1 }).cue // => 'drawIn'
 */
export function cueForDrill(
  chosen: BraceCue, { spineCost, loadKg }: CueTask,
): { readonly cue: BraceCue, readonly why: string | null } {
  if (chosen === 'brace' || (spineCost <= 1 && !((loadKg ?? 0) > 0))) return { cue: chosen, why: null }
  return { cue: 'brace', why: 'Under load: brace all round, since drawing in stiffens less.' }
}
