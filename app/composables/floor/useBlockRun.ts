import { computed, toRef } from 'vue'
import type { SessionRun, SetLogInput } from '~~/shared/types'
import { useRunner } from '../useRunner'
import type { BoardBlock } from './floorView'

/** A session's run as far as one block of the board goes. */
export function useBlockRun(
  props: { readonly run: SessionRun, readonly block: BoardBlock, readonly waiting: readonly SetLogInput[] },
  send: (log: SetLogInput) => void,
) {
  const inBlock = computed((): SessionRun => ({
    ...props.run,
    session: props.run.session && {
      ...props.run.session, items: props.run.session.items.filter(item => props.block.items.includes(item.id)),
    },
  }))
  return { inBlock, runner: useRunner(inBlock, toRef(props, 'waiting'), send) }
}
