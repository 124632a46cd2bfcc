import { must } from '../errors'
import { STANDARD } from './catalogue'
import type { CatalogueProblem, OwnCatalogue, OwnLadder, OwnVariation } from './own'
import type { Variation } from './variation'

/**
 * An id that nothing has yet, from a name: `own-` and its letters.
 *
 * @example
 * freshKey('Tall-kneeling Turn!', ['own-tall-kneeling-turn']) // => 'own-tall-kneeling-turn-2'
 */
export function freshKey(name: string, taken: readonly string[]): string {
  const slug = name.toLowerCase().normalize('NFD').replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '').slice(0, 40)
    || 'drill'
  const free = (n: number): string => (n === 1 ? `own-${slug}` : `own-${slug}-${n}`)
  let n = 1
  while (taken.includes(free(n))) n += 1
  return free(n)
}

/**
 * Puts a drill in, new or changed. On a ladder of the organisation's own it takes the rung it names and the others make
 * room; on a standard ladder it stands beside that rung.
 *
 * @example
 * putOwn(EMPTY_OWN, { ...findVariation('side-plank.feet'), id: 'side-plank.own-mine' }).variations.length // => 1
 */
export function putOwn(own: OwnCatalogue, variation: OwnVariation): OwnCatalogue {
  const others = own.variations.filter(v => v.id !== variation.id)
  return { ...own, variations: renumbered({ ...own, variations: others }, variation) }
}

/**
 * Takes a drill out; the rungs above it come down. A ladder whose last drill goes is taken out too.
 *
 * @example
 * removeOwn(EMPTY_OWN, 'side-plank.own-mine').variations // => []
 */
export function removeOwn(own: OwnCatalogue, id: string): OwnCatalogue {
  const gone = own.variations.find(v => v.id === id)
  const variations = renumbered({ ...own, variations: own.variations.filter(v => v.id !== id) }, null)
  const empty = gone && !variations.some(v => v.ladder === gone.ladder)
  return { ladders: empty ? own.ladders.filter(l => l.id !== gone.ladder) : own.ladders, variations }
}

/** All drills with the rungs of own ladders counted anew; `placed` stands at its own number, or at the top. */
function renumbered({ ladders, variations }: OwnCatalogue, placed: OwnVariation | null): OwnVariation[] {
  const all = placed ? [...variations, placed] : [...variations]
  const rungs = new Map<string, number>()
  for (const { id } of ladders) {
    const rest = variations.filter(v => v.ladder === id).sort((a, b) => a.rung - b.rung)
    if (placed?.ladder === id) rest.splice(Math.max(0, placed.rung - 1), 0, placed)
    rest.forEach((v, i) => rungs.set(v.id, i + 1))
  }
  return all.map(v => (rungs.has(v.id) && rungs.get(v.id) !== v.rung ? { ...v, rung: must(rungs.get(v.id)) } : v))
}

/** What an import would do. */
export interface ImportedCatalogue {
  readonly own: OwnCatalogue
  /** Names of drills that are new, and of those that would read differently. */
  readonly added: readonly string[]
  readonly changed: readonly string[]
  readonly unchanged: number
  readonly problems: readonly CatalogueProblem[]
}

/**
 * Brings entries from elsewhere in: known ids are replaced, others added, a drill without id gets one from its name.
 * Entries of the standard catalogue are passed over when they are as ours, and refused when they differ.
 * What comes out is still to be asked for its problems.
 *
 * @example
 * importOwn(EMPTY_OWN, EMPTY_OWN).unchanged // => 0
 */
export function importOwn(
  own: OwnCatalogue,
  incoming: { ladders: readonly OwnLadder[], variations: readonly OwnVariation[] },
): ImportedCatalogue {
  const problems: CatalogueProblem[] = []
  const added: string[] = []
  const changed: string[] = []
  let unchanged = 0
  const ladders = [...own.ladders]
  for (const ladder of incoming.ladders) {
    if (STANDARD.ladders.some(l => l.id === ladder.id)) continue
    const at = ladders.findIndex(l => l.id === ladder.id)
    if (at >= 0) ladders[at] = ladder
    else ladders.push(ladder)
  }
  const variations = [...own.variations]
  for (const given of incoming.variations.map(bare)) {
    const standard = STANDARD.find(given.id)
    if (standard) {
      if (alike(standard, given)) unchanged += 1
      else problems.push({
          id: given.id, field: 'id',
          text: `${standard.name} belongs to the standard catalogue: give a drill of your own another id.`,
        })
      continue
    }
    const keys = variations.map(v => v.id.slice(v.id.indexOf('.') + 1))
    const drill = given.id === '' ? { ...given, id: `${given.ladder}.${freshKey(given.name, keys)}` } : given
    const at = variations.findIndex(v => v.id === drill.id)
    const there = variations[at]
    if (!there) {
      variations.push(drill)
      added.push(drill.name)
    }
    else if (alike(there, drill)) unchanged += 1
    else {
      variations[at] = drill
      changed.push(drill.name)
    }
  }
  return { own: { ladders, variations }, added, changed, unchanged, problems }
}

/** Equal in everything that is stored, whatever the order of keys. */
function alike(a: OwnVariation, b: OwnVariation): boolean {
  return sorted(bare(a)) === sorted(bare(b))
}

/** Without what follows from the ladder. */
function bare({ branch: _, after: __, ...stored }: OwnVariation & Partial<Variation>): OwnVariation {
  return stored
}

function sorted(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) => (v !== null && typeof v === 'object' && !Array.isArray(v)
    ? Object.fromEntries(Object.entries(v).filter(([, x]) => x !== undefined).sort(([x], [y]) => (x < y ? -1 : 1)))
    : v))
}
