import { AppError } from '~~/shared/errors'

/** Erasing asks for the name, so that it is never one slip of a finger. */
export function mustBeTyped(name: string, typed: string): void {
  const text = 'Type the name exactly.'
  if (typed.trim() !== name) throw new AppError('badInput', text, { name: text })
}
