import Joi from 'joi'
import {
  BREATH_PATTERNS, EQUIPMENT, HAZARDS, MODES, MUSCLE_GROUPS, POSTURES, REGIONS, SETTINGS, TRUNK_ACTIONS, type Fault,
  type Gate, type OwnCatalogue, type OwnVariation, type Variation,
} from '~~/core/catalogue'
import { choice, form, listOf, words } from './common'
import { doseSchema } from './week'

const whole = (label: string, min: number, max: number): Joi.NumberSchema =>
  Joi.number().integer().min(min).max(max).required().label(label)
const said = (label: string, max: number): Joi.StringSchema => words(label, max).disallow('').min(4)
const some = (label: string, one: Readonly<Record<string, unknown>> | readonly string[]): Joi.ArraySchema =>
  listOf(label, Joi.string().valid(...(Array.isArray(one) ? one as string[] : Object.keys(one))).label(label)).unique()
    .max(20)
const key = (label: string): Joi.StringSchema => Joi.string().pattern(/^[a-z0-9.-]+$/).max(80).required().label(label)

const poseSchema = Joi.object({
  model: Joi.string().max(40).required().label('Pose'),
  set: Joi.object().pattern(Joi.string().max(40), Joi.number().label('Setting')).required().label('Pose settings'),
  open: listOf('Sliders', Joi.string().max(40).label('Slider')).max(10),
}).label('Pose')

/** One drill of an organisation's own, as it is typed, sent, imported and stored. */
export const variationSchema = form<OwnVariation & Partial<Pick<Variation, 'branch' | 'after'>>>({
  id: key('Id'),
  name: words('Name', 80).disallow('').min(4),
  ladder: key('Ladder'),
  rung: whole('Rung', 1, 40),
  beside: Joi.string().pattern(/^[a-z0-9.-]+$/).max(80).label('Level with'),
  // Where a drill stands follows from its ladder: a whole catalogue read back says it too.
  branch: Joi.string().max(80).strip().label('Branch'),
  after: Joi.array().items(Joi.string().max(80)).strip().label('After'),
  purpose: said('Purpose', 200),
  shares: Joi.object(
    Object.fromEntries(TRUNK_ACTIONS.map(action => [action, Joi.number().greater(0).max(1).label('Share')])),
  )
    .required().label('Action shares'),
  kind: Joi.string().valid('activation', 'mobility', 'brace').label('What it is there for'),
  mode: choice('How the trunk works', Object.keys(MODES)),
  posture: choice('Posture', Object.keys(POSTURES)),
  equipment: listOf('Equipment', some('Equipment', EQUIPMENT).min(1)).max(6),
  sides: choice('Sides', ['both', 'each']),
  muscles: some('Muscles', MUSCLE_GROUPS).min(1),
  tires: some('Tires', REGIONS),
  setUp: said('Set-up', 400),
  cues: form<Variation['cues']>({ inside: said('Cue about the body', 200), outside: said('Cue about the world', 200) })
    .label('Cues'),
  faults: listOf('Faults', form<Fault>({ see: said('What is seen', 200), fix: said('What puts it right', 200) })).min(1)
    .max(8),
  stopSign: said('Stop sign', 200),
  caution: said('Caution', 300).optional(),
  breath: choice('Breath', Object.keys(BREATH_PATTERNS)),
  braceStep: whole('Brace step', 1, 7),
  prerequisites: listOf('What comes first', key('What comes first')).unique().max(6).optional(),
  hazards: some('Cautions', HAZARDS),
  fatigue: whole('Fatigue', 1, 5),
  spineCost: whole('Spine cost', 1, 3),
  doses: listOf('Doses', doseSchema).min(1).max(6),
  breaths: Joi.array().items(Joi.number().min(1).max(60)).length(2).label('Breaths'),
  entry: Joi.array().items(Joi.object({
    id: Joi.string().pattern(/^[a-z0-9.-]+$/).max(80).required(), seconds: Joi.number().min(1).max(600).required(),
  })).max(6).label('Entry'),
  gate: form<Gate>({
    sets: whole('Gate sets', 1, 10), amount: Joi.number().min(1).max(600).required().label('Gate amount'),
    sessions: whole('Gate sessions', 1, 10), seen: said('What must be seen', 200),
    ofBody: Joi.number().greater(0).max(3).label('Load of the gate'),
    lastHoldS: Joi.number().min(1).max(120).label('Hold of the last repeat'),
  }).label('Gate'),
  settings: some('What is written down', SETTINGS),
  insideLift: Joi.boolean().optional().label('Inside the lift'),
  pose: poseSchema.optional(),
})

const ladderSchema = form<OwnCatalogue['ladders'][number]>({
  id: key('Id'), name: said('Name', 60), aim: said('Aim', 200),
})

/** All that an organisation adds to the standard catalogue. */
export const ownCatalogueSchema = form<OwnCatalogue>({
  ladders: listOf('Ladders', ladderSchema).max(40).unique('id'),
  variations: listOf('Drills', variationSchema).max(500).unique('id'),
})

export const saveCatalogueSchema = form<{ version: number, own: OwnCatalogue }>({
  version: whole('Version', 0, 1_000_000_000),
  own: ownCatalogueSchema.label('Catalogue'),
})

/** The word at the head of a catalogue file, and the only edition of it so far. */
export const CATALOGUE_FORMAT = 'keen-anchor-catalogue'
export const CATALOGUE_EDITION = 1

/** A catalogue as a file: published as JSON Schema in `docs/catalogue.schema.json`. */
interface CatalogueFile extends OwnCatalogue {
  readonly format: typeof CATALOGUE_FORMAT
  readonly edition: typeof CATALOGUE_EDITION
}

export const catalogueFileSchema = form<CatalogueFile>({
  format: Joi.string().valid(CATALOGUE_FORMAT).required().label('Format'),
  edition: Joi.number().valid(CATALOGUE_EDITION).required().label('Edition'),
  ladders: listOf('Ladders', ladderSchema).max(60).unique('id'),
  variations: listOf('Drills', variationSchema).max(800).unique('id'),
})
