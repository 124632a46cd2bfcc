import { DOSE_UNIT_WORDS, type Dose } from '~~/core/dose'
import type { TimerPlace } from '~~/core/timer'

/** What the face of a set's timer says: one number, and one line. */
interface Face {
  readonly face: string
  readonly line: string
}

/** The number and the line before a set begins. */
export const faceBefore = ({ amount, unit, tempo }: Dose): Face => ({
  face: String(amount), line: `${DOSE_UNIT_WORDS[unit]}${tempo ? ` at ${tempo}` : ''}`,
})

/** The number and the line of the place where a set's timer is; seconds past the end count on. */
export function faceAt({ amount, unit }: Dose, { phase, left, over }: TimerPlace): Face {
  const seconds = Math.ceil(Math.max(0, left))
  const { count, kind, word } = phase
  if (over) return { face: unit === 'seconds' ? `+${Math.floor(-left)}` : String(amount), line: 'done' }
  if (kind === 'ready') return { face: String(seconds), line: 'get ready' }
  if (kind === 'open')
    return { face: String(Math.floor(phase.seconds - left)), line: `s of about ${Math.round(phase.seconds)}` }
  if (unit === 'seconds')
    return { face: String(seconds), line: count ? `${word} ${count.at} of ${count.of}` : `of ${amount} s` }
  const named = phase.name ?? String(count?.at ?? '')
  return { face: named, line: `of ${count?.of ?? amount} · ${word}, ${seconds} s left` }
}

/** Minutes and seconds that are left; none below 0. */
export function minutesOf(seconds: number): string {
  const left = Math.max(0, Math.round(seconds))
  return `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`
}
