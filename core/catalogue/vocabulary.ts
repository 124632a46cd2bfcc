/** How the trunk works in a drill. */
export const MODES = {
  isometric: 'hold',
  limbMoving: 'limbs move, trunk still',
  dynamic: 'slow movement',
  ballistic: 'fast and explosive',
  locomotor: 'crawl or carry',
  balance: 'balance',
} as const
export type Mode = keyof typeof MODES

/** Body position, from the ground up to the feet (the usual order of learning). */
export const POSTURES = {
  supine: 'on the back',
  prone: 'face down',
  sideLying: 'on the side',
  quadruped: 'hands and knees',
  seated: 'seated',
  tallKneeling: 'both knees',
  halfKneeling: 'half kneeling',
  standing: 'standing',
  splitStance: 'split stance',
  singleLeg: 'one leg',
  hanging: 'hanging',
  inverted: 'inverted',
  moving: 'moving',
} as const
export type Posture = keyof typeof POSTURES

/** Equipment a drill may need. The bare floor is always there. */
export const EQUIPMENT = {
  wall: 'Wall',
  box: 'Box or step',
  bench: 'Flat bench',
  band: 'Elastic band',
  anchor: 'Anchor point for a band',
  cable: 'Cable column',
  wheel: 'Roller wheel',
  gymBall: 'Large gym ball',
  medicineBall: 'Medicine ball',
  slamBall: 'Slam ball',
  plate: 'Weight plates',
  dumbbell: 'Dumbbells',
  kettlebell: 'Kettlebells',
  sandbag: 'Sandbag',
  barbell: 'Barbell',
  stick: 'Stick',
  pullUpBar: 'Hanging bar',
  extensionBench: 'Back-extension bench',
  straps: 'Suspension straps',
  rings: 'Rings',
  pole: 'Upright pole',
  pad: 'Curved pad or half ball',
  vest: 'Weight vest',
  pendulum: 'Weight on a rope',
  chair: 'Chair or low table',
  partner: 'A partner to help',
} as const
export type Equipment = keyof typeof EQUIPMENT

/** Muscle groups shown to coaches. */
export const MUSCLE_GROUPS = {
  rectusAbdominis: 'rectus abdominis',
  externalObliques: 'external obliques',
  internalObliques: 'internal obliques',
  transversusAbdominis: 'transversus abdominis',
  quadratusLumborum: 'quadratus lumborum',
  erectorSpinae: 'erector spinae and multifidus',
  gluteals: 'gluteals',
  hipFlexors: 'hip flexors',
  adductors: 'adductors',
  latissimus: 'latissimus',
  serratus: 'serratus anterior',
  diaphragm: 'diaphragm',
  pelvicFloor: 'pelvic floor',
} as const
export type MuscleGroup = keyof typeof MUSCLE_GROUPS

/** Regions a drill or lift tires besides the trunk: two that share one are not paired. */
export const REGIONS = ['grip', 'shoulders', 'chest', 'upperBack', 'lowBack', 'hips', 'legs', 'hipFlexors'] as const
export type Region = (typeof REGIONS)[number]

/** What about a drill can be wrong for somebody. Flags take hazards away. */
export const HAZARDS = {
  flexion: 'bending the spine',
  loadedFlexion: 'bending the spine under load',
  extension: 'arching the spine',
  overhead: 'load or reach overhead',
  hanging: 'hanging by the hands',
  inverted: 'head below the hips',
  supine: 'lying on the back',
  prone: 'lying face down',
  ballistic: 'fast, explosive work',
  loadedRotation: 'turning under load',
  wristLoad: 'weight on bent wrists',
  shoulderLoad: 'weight through the shoulders',
  pressureRise: 'high pressure in the belly',
  loaded: 'outside load',
  maximal: 'near-maximal strain',
} as const
export type Hazard = keyof typeof HAZARDS

/** How to breathe in a drill. */
export const BREATH_PATTERNS = {
  calm: 'calm low breaths',
  breatheBehind: 'keep breathing behind the brace',
  exhaleOnEffort: 'exhale on the effort',
  hissOnEffort: 'short hiss timed with the effort',
  holdAndReset: 'one breath held through the rep, full reset between reps',
} as const
export type BreathPattern = keyof typeof BREATH_PATTERNS

/** What fixes a rung's difficulty on the day, with the unit it is kept in. */
export const SETTINGS = {
  loadKg: { label: 'Load', unit: 'kg' },
  bandN: { label: 'Band tension', unit: 'N' },
  distanceCm: { label: 'Distance', unit: 'cm' },
  heightCm: { label: 'Height', unit: 'cm' },
  stance: { label: 'Stance', unit: '' },
} as const
export type Setting = keyof typeof SETTINGS

/** The day's settings of one set. */
export type SettingValues = Partial<Record<Exclude<Setting, 'stance'>, number>> & { stance?: string }
