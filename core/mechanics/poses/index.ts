export { both, leaning, limb } from './directions'
import type { Model } from '../model'
import { BENCHES } from './benches'
import { HANGING } from './hanging'
import { LIFTED } from './lifted'
import { PLANKS } from './planks'
import { REACHES } from './reaching'
import { SIDE_PLANKS } from './sides'
import { STANDING_MODELS } from './standing'
import { SUPINE } from './supine'

/** Every position that can be computed. */
export const MODELS: readonly Model[] = [
  ...PLANKS, ...LIFTED, ...REACHES, ...SIDE_PLANKS, ...SUPINE, ...HANGING, ...STANDING_MODELS, ...BENCHES,
]

const byId = new Map(MODELS.map(model => [model.id, model]))

/**
 * The model with this id, if there is one.
 *
 * @example
 * findModel('elbowPlank')?.view // => 'side'
 */
export function findModel(id: string): Model | undefined {
  return byId.get(id)
}
