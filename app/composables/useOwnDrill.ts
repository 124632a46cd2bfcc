import { computed, ref, watch, type ComputedRef } from 'vue'
import {
  besideOf, freshKey, impliedHazards, isOwn, problemsOf, putOwn, type Catalogue, type OwnCatalogue,
  type OwnVariation, type Variation,
} from '~~/core/catalogue'
import { findModel, poseOf } from '~~/core/mechanics'
import { forget, keep, kept } from '~/device/kept'

/** The choice of a ladder that is not there yet. */
export const NEW_LADDER = '+new'

/** A drill that is ready to be stored. */
export interface OwnDrill {
  readonly drill: OwnVariation
  readonly newLadder: OwnCatalogue['ladders'][number] | null
}

/** What a copy begins with: everything of the drill it is like, under no name yet. */
export function copyOf({ branch: _, after: __, ...variation }: Variation): OwnVariation {
  const pose = poseOf(variation)
  const beside = isOwn(variation) ? variation.beside : variation.id
  return { ...variation, id: '', name: '', ...(beside ? { beside } : {}), ...(pose ? { pose } : {}) }
}

/** What was typed and not yet stored. */
interface OwnDrillDraft { readonly drill: OwnVariation, readonly ladder: { name: string, aim: string } }

/**
 * A drill of the organisation's own while it is written: (what it starts from, all drills, the own ones, where the
 * device keeps it). What is typed survives reload, crash and an ended session.
 */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useOwnDrill(
  start: OwnVariation, catalogue: ComputedRef<Catalogue>, own: ComputedRef<OwnCatalogue>, draftKey: string,
) {
  const isNew = start.id === ''
  const typed = kept<OwnDrillDraft>(draftKey)
  const restored = ref(typed !== null)
  const draft = ref<OwnVariation>(typed?.drill ?? start)
  const ladder = ref(typed?.ladder ?? { name: '', aim: '' })
  watch([draft, ladder], () => {
    if (!keep(draftKey, { drill: draft.value, ladder: ladder.value })) forget(draftKey)
  }, { deep: true })
  const problems = ref<Readonly<Record<string, string>>>({})

  const put = (change: Partial<OwnVariation>): void => {
    draft.value = { ...draft.value, ...change }
    for (const field of Object.keys(change)) {
      if (field in problems.value)
        problems.value = Object.fromEntries(Object.entries(problems.value).filter(([path]) => path !== field))
    }
  }
  const implied = computed(() => impliedHazards(draft.value))
  const isOwnLadder = computed(() =>
    own.value.ladders.some(l => l.id === draft.value.ladder) || draft.value.ladder === NEW_LADDER
  )

  /** Places on the chosen ladder: level with a rung of ours, or a rung of its own among those that are there. */
  const places = computed((): (readonly [string, string])[] => {
    if (draft.value.ladder === NEW_LADDER) return [['1', '1 · the ground rung']]
    const rungs = catalogue.value.ladders.find(l => l.id === draft.value.ladder)?.rungs ?? []
    if (!isOwnLadder.value) return rungs.map(r => [r.id, `level with ${r.name}`] as const)
    const others = rungs.filter(r => r.id !== draft.value.id)
    return [...others, null].map((r, i) =>
      [`${i + 1}`, r ? `${i + 1} · below ${r.name}` : `${i + 1} · at the top`] as const)
  })
  const place = computed(() => (isOwnLadder.value ? `${draft.value.rung}` : besideOf(draft.value)?.id ?? ''))
  function setPlace(at: string): void {
    put(isOwnLadder.value ? { rung: Number(at) } : { beside: at })
  }

  function setLadder(id: string): void {
    put({ ladder: id, rung: 1, beside: undefined })
  }

  /** The pose of another drill is taken over with its settings; an empty id takes the pose away. */
  function setPose(likeId: string): void {
    const pose = likeId === '' ? undefined : poseOf(catalogue.value.find(likeId)!)
    put({ pose: pose ?? undefined })
  }
  const poseSettings = computed(() => {
    const { pose } = draft.value
    const model = pose && findModel(pose.model)
    return pose && model
      ? Object.entries(model.settings).map(([name, facts]) => ({
        name, ...facts, value: pose.set[name] ?? facts.default,
      }))
      : []
  })
  function setPoseValue(name: string, value: number): void {
    const pose = draft.value.pose!
    put({ pose: { ...pose, set: { ...pose.set, [name]: value } } })
  }

  /** The drill, with its ladder where that is new; null with messages beside the fields when something is wrong. */
  async function finish(): Promise<OwnDrill | null> {
    const { fieldMessages, ownCatalogueSchema, variationSchema } = await import('~~/shared/schemas')
    const newLadder = draft.value.ladder === NEW_LADDER
      ? {
        id: freshKey(ladder.value.name, own.value.ladders.map(l => l.id)),
        name: ladder.value.name.trim(), aim: ladder.value.aim.trim(),
      }
      : null
    const ladderId = newLadder?.id ?? draft.value.ladder
    const keys = own.value.variations.map(v => v.id.slice(v.id.indexOf('.') + 1))
    const drill = tidy({
      ...draft.value, ladder: ladderId, id: isNew ? `${ladderId}.${freshKey(draft.value.name, keys)}` : draft.value.id,
      hazards: [...new Set([...draft.value.hazards, ...implied.value])],
    })
    const all = withDrill(own.value, { drill, newLadder })
    const found: Record<string, string> = { ...fieldMessages(variationSchema, drill) }
    if (Object.keys(found).length === 0) Object.assign(found, fieldMessages(ownCatalogueSchema, all) ?? {})
    if (Object.keys(found).length === 0) {
      for (const { id, field, text } of problemsOf(all)) found[id === drill.id ? field : `ladder.${field}`] ??= text
    }
    problems.value = found
    return Object.keys(found).length === 0 ? { drill, newLadder } : null
  }

  return {
    draft, ladder, isNew, restored, problems, put, implied, places, place, setPlace, isOwnLadder, setLadder, setPose,
    poseSettings,
    setPoseValue, finish,
  }
}

/** The own drills with this one in them. */
export function withDrill(own: OwnCatalogue, { drill, newLadder }: OwnDrill): OwnCatalogue {
  const there = !newLadder || own.ladders.some(l => l.id === newLadder.id)
  return putOwn(there ? own : { ...own, ladders: [...own.ladders, newLadder] }, drill)
}

/** Nothing that is not stored: no empty optional fields, no blank ends. */
function tidy({ pose, prerequisites, insideLift, beside, ...drill }: OwnVariation): OwnVariation {
  const level = besideOf({ ...drill, ...(beside ? { beside } : {}) })
  return {
    ...drill,
    name: drill.name.trim(),
    ...(level ? { beside: level.id, rung: level.rung } : {}),
    ...(pose ? { pose } : {}),
    ...(prerequisites && prerequisites.length > 0 ? { prerequisites } : {}),
    ...(insideLift ? { insideLift } : {}),
  }
}

