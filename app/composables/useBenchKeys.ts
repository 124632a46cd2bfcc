import type { Ref } from 'vue'
import type { useLadderBench } from './useLadderBench'
import { useSingleKeys } from './useSingleKeys'

type Bench = Pick<ReturnType<typeof useLadderBench>, 'rungs' | 'live' | 'choose' | 'findHarder'>
interface Acts {
  readonly team: Ref<boolean>
  readonly forces: Ref<boolean>
  readonly compare: () => void
  readonly put: () => void
  readonly week: () => void
}

/** The keys of (the ladder bench, what else its page does). */
export function useBenchKeys(bench: Bench, acts: Acts): void {
  function step(by: 1 | -1): void {
    const at = bench.rungs.value.findIndex(r => r.variation.id === bench.live.value.variation.id)
    const next = bench.rungs.value[at + by]
    if (next) bench.choose(next.variation.id)
  }
  useSingleKeys([
    { keys: ['ArrowRight'], text: 'Next rung', run: () => step(1) },
    { keys: ['ArrowLeft'], text: 'Rung before', run: () => step(-1) },
    { keys: ['h'], text: 'About 10 % harder', run: () => bench.findHarder() },
    { keys: ['t'], text: 'The whole team', run: () => { acts.team.value = !acts.team.value } },
    { keys: ['f'], text: 'Forces and lever', run: () => { acts.forces.value = !acts.forces.value } },
    { keys: ['c'], text: 'Compare with the present rung', run: acts.compare },
    { keys: ['Enter'], text: 'Put on this rung', run: acts.put },
    { keys: ['w'], text: 'Add to the week', run: acts.week },
  ])
}
