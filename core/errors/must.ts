/**
 * A value that has to be there. Where it is not, the program is wrong: it stops here, with the place in the trace,
 * rather than going on with nothing.
 *
 * @throws Error when the value is not there.
 * @example
 * must([3, 5].find(n => n > 4)) // => 5
 */
export function must<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new Error('Something that must be there is not.')
  return value
}
