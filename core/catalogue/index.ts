export {
  ACTION_FACTS, mainAction, mainFacts, perAction, PLANES, planesOf, TRUNK_ACTIONS,
  type ActionShares, type PerAction, type Plane, type TrunkAction,
} from './trunkAction'
export {
  BREATH_PATTERNS, EQUIPMENT, HAZARDS, MODES, MUSCLE_GROUPS, POSTURES, REGIONS, SETTINGS,
  type BreathPattern, type Equipment, type Hazard, type Mode, type MuscleGroup, type Posture, type Region,
  type Setting, type SettingValues,
} from './vocabulary'
export type { Branch, Fault, Gate, Ladder, Variation } from './variation'
export { defineLadder, type Rung } from './ladder'
export { gateLoadKg, gateText } from './gateText'
export { ownUnit } from './ownUnit'
export { DRILL_KINDS, kindOf, mainLabel, type DrillKind } from './kind'
export { isAbove, rungsOf, standOn, standsAt, standsUpTo, type Rungs } from './standing'
export { catalogueOf, findVariation, LADDERS, STANDARD, VARIATIONS, type Catalogue } from './catalogue'
export { checkVariation } from './checkVariation'
export { neighboursOf, type Neighbours } from './neighbours'
export { schoolDose, schoolDoseText, SCHOOLS, type SchoolId } from './schools'
export {
  COMPRESSION_CLASSES, MEASURED_IDS, publishedCompression, type CompressionClass, type PublishedCompression,
} from './compression'
export { allHazards, impliedHazards, type HazardFacts } from './hazards'
export {
  besideOf, catalogueWith, EMPTY_OWN, isOwn, type CatalogueProblem, type OwnCatalogue, type OwnLadder,
  type OwnVariation,
} from './own'
export { problemsOf } from './problemsOf'
export { fromSheetRow, SHEET_COLUMNS, toSheetRow, type SheetRow } from './sheet'
export { standsAfter } from './standsAfter'
export { freshKey, importOwn, putOwn, removeOwn, type ImportedCatalogue } from './editOwn'
