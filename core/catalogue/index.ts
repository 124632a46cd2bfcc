export {
  ACTION_FACTS, mainAction, perAction, PLANES, planesOf, TRUNK_ACTIONS,
  type ActionShares, type PerAction, type Plane, type TrunkAction,
} from './trunkAction'
export {
  BREATH_PATTERNS, EQUIPMENT, HAZARDS, MODES, MUSCLE_GROUPS, POSTURES, REGIONS, SETTINGS,
  type BreathPattern, type Equipment, type Hazard, type Mode, type MuscleGroup, type Posture, type Region,
  type Setting, type SettingValues,
} from './vocabulary'
export type { Fault, Gate, Ladder, Variation } from './variation'
export { defineLadder, type Rung } from './ladder'
export { catalogueOf, findVariation, LADDERS, STANDARD, VARIATIONS, type Catalogue } from './catalogue'
export { checkVariation } from './checkVariation'
export { neighboursOf, type Neighbours } from './neighbours'
export { schoolDose, schoolDoseText, SCHOOLS, type SchoolId } from './schools'
export {
  COMPRESSION_CLASSES, MEASURED_IDS, publishedCompression, type CompressionClass, type PublishedCompression,
} from './compression'
export { allHazards, impliedHazards, type HazardFacts } from './hazards'
export { catalogueWith, EMPTY_OWN, isOwn, problemsOf, type CatalogueProblem, type OwnCatalogue } from './own'
export { fromSheetRow, SHEET_COLUMNS, toSheetRow, type SheetRow } from './sheet'
export { rungMoves } from './rungMoves'
export { freshKey, importOwn, putOwn, removeOwn, type ImportedCatalogue } from './editOwn'
