/** The list without the item where it was in it, else with it. */
export function toggled<T>(list: readonly T[], item: T): T[] {
  return list.includes(item) ? list.filter(i => i !== item) : [...list, item]
}
