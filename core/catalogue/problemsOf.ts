import { DomainError } from '../errors'
import { findModel, settingsOf } from '../mechanics'
import { STANDARD } from './catalogue'
import { checkVariation } from './checkVariation'
import { besideOf, catalogueWith, type CatalogueProblem, type OwnCatalogue, type OwnVariation } from './own'
import type { Variation } from './variation'

const LADDER_ID = /^own-[a-z0-9-]+$/
const RUNG_KEY = /^own-[a-z0-9-]+$/

/**
 * Everything that is wrong with an organisation's own entries: each by itself, and how they stand together and with
 * ours. Empty means they may be stored.
 *
 * @example
 * problemsOf(EMPTY_OWN) // => []
 */
export function problemsOf(own: OwnCatalogue): CatalogueProblem[] {
  return [
    ...ladderProblems(own),
    ...own.variations.flatMap(variation => variationProblems(variation, own)),
    ...circleProblems(own),
  ]
}

function ladderProblems({ ladders, variations }: OwnCatalogue): CatalogueProblem[] {
  return ladders.flatMap(({ id, name, aim }) => {
    const found: CatalogueProblem[] = []
    const add = (field: string, text: string): void => {
      found.push({ id, field, text })
    }
    if (!LADDER_ID.test(id))
      add('id', 'The id of a ladder of your own begins with "own-": small letters, digits and hyphens.')
    if (ladders.filter(other => other.id === id).length > 1) add('id', 'Two ladders have this id.')
    if (name.trim().length < 3) add('name', 'A ladder needs a name of three letters or more.')
    if (aim.trim().length < 4) add('aim', 'Say what the ladder is for.')
    const taken = [...STANDARD.ladders, ...ladders].filter(other => sameWords(other.name, name)).length
    if (taken > 1) add('name', 'Another ladder has this name.')
    const rungs = variations.filter(v => v.ladder === id).map(v => v.rung).sort((a, b) => a - b)
    if (rungs.some((rung, i) => rung !== i + 1))
      add('rungs', `Rungs of "${name}" go 1, 2, 3 … without a gap or a pair.`)
    return found
  })
}

function variationProblems(variation: OwnVariation, own: OwnCatalogue): CatalogueProblem[] {
  const { id, name, ladder } = variation
  const found: CatalogueProblem[] = []
  const add = (field: string, text: string): void => { found.push({ id, field, text }) }
  const asked = (check: () => void): void => {
    try {
      check()
    }
    catch (error) {
      if (!(error instanceof DomainError)) throw error
      add(error.field, error.message)
    }
  }
  asked(() => checkVariation(variation))
  const ours = STANDARD.ladders.find(l => l.id === ladder)
  if (!ours && !own.ladders.some(l => l.id === ladder)) add('ladder', 'There is no such ladder.')
  if (ours && !besideOf(variation)) add('beside', `Say which drill of ${ours.name} it stands level with.`)
  if (!id.startsWith(`${ladder}.`) || !RUNG_KEY.test(id.slice(ladder.length + 1))) {
    add('id', 'The id of a drill of your own reads ladder.own-name.')
  }
  if (own.variations.filter(v => v.id === id).length > 1) add('id', 'Two drills have this id.')
  if ([...STANDARD.variations, ...own.variations].filter(v => sameWords(v.name, name)).length > 1)
    add('name', 'Another drill has this name.')
  for (const first of variation.prerequisites ?? []) {
    if (!STANDARD.find(first) && !own.variations.some(v => v.id === first))
      add('prerequisites', `There is no drill ${first} to come first.`)
  }
  if (variation.doses.every(dose => dose.amount > variation.gate.amount)) {
    add('gate', 'The gate asks for less than the lightest dose gives.')
  }
  const { pose } = variation
  if (pose)
    asked(() => {
      checkPose(pose)
    })
  return found
}

function checkPose({ model: name, set, open }: NonNullable<Variation['pose']>): void {
  const model = findModel(name)
  if (!model) throw new DomainError('pose', `There is no pose ${name}.`)
  settingsOf(model.settings, set)
  const strange = open.find(key => !Object.hasOwn(model.settings, key))
  if (strange) throw new DomainError('pose', `The pose ${name} has no setting ${strange}.`)
}

/** Whether something comes before itself: by its ladder or by what must come first. */
function circleProblems(own: OwnCatalogue): CatalogueProblem[] {
  const { find } = catalogueWith(own)
  const before = (v: Variation): readonly string[] => [...v.after, ...(v.prerequisites ?? [])]
  const reaches = (from: Variation, goal: string, seen: Set<string>): boolean => before(from).some((id) => {
    if (id === goal) return true
    if (seen.has(id)) return false
    seen.add(id)
    const next = find(id)
    return next ? reaches(next, goal, seen) : false
  })
  return own.variations.filter(({ id }) => {
    const drill = find(id)
    return drill && reaches(drill, id, new Set())
  }).map(({ id }) => ({ id, field: 'prerequisites', text: 'It would have to come before itself.' }))
}

function sameWords(a: string, b: string): boolean {
  return a.trim().toLowerCase() === b.trim().toLowerCase()
}
