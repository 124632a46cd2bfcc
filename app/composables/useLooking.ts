import { messageOf } from '~~/shared/errors'
import { useTold } from './useTold'

/** How often work that goes on elsewhere is looked at. */
const LOOK_MS = 1000

/** Looks at a run again and again while it is (going); what goes wrong is (told), and the looking goes on. */
export function useLooking(going: () => boolean, look: () => Promise<unknown>, tell: (problem: string) => void): void {
  useTold({
    topic: 'run', everyMs: LOOK_MS, while: going,
    look: () => void look().catch((error: unknown) => tell(messageOf(error))),
  })
}
