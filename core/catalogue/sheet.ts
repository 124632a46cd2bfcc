import { DOSE_UNITS, type Dose, type DoseUnit } from '../dose'
import { DomainError } from '../errors'
import type { OwnVariation } from './own'
import type { Ladder, Variation } from './variation'

/** Columns of the catalogue as a table, one drill a row. */
export const SHEET_COLUMNS = [
  'id', 'name', 'ladder', 'ladderName', 'ladderAim', 'branch', 'rung', 'beside',
  'purpose', 'shares', 'kind', 'mode', 'posture', 'equipment',
  'sides', 'muscles', 'tires', 'setUp',
  'cueInside', 'cueOutside', 'faults', 'stopSign', 'caution', 'breath', 'braceStep',
  'prerequisites', 'hazards', 'fatigue', 'spineCost', 'doses',
  'breaths', 'gateSets', 'gateAmount', 'gateSessions', 'gateSeen',
  'gateOfBody', 'gateLastHoldS', 'entry',
  'settings', 'insideLift', 'pose',
] as const
export type SheetRow = Record<(typeof SHEET_COLUMNS)[number], string>

const KEYS = '; '
const LINES = '\n'
const PUTS_RIGHT = ' -> '

/**
 * A variation as a row of words: keys parted by semicolons, sentences by line breaks, alternatives by bars,
 * doses as `3 x 6 reps @3-0-3-0, rest 30`, faults as `what is seen -> what puts it right`.
 *
 * @example
 * toSheetRow(findVariation('side-plank.feet'), STANDARD.ladders[7]).doses.split('\n')[0] // => '3 x 10 seconds, rest 5'
 */
export function toSheetRow(
  v: OwnVariation & Partial<Pick<Variation, 'branch'>>, ladder: Pick<Ladder, 'name' | 'aim'>,
): SheetRow {
  return {
    id: v.id, name: v.name, ladder: v.ladder, ladderName: ladder.name, ladderAim: ladder.aim,
    branch: v.branch ?? v.ladder, rung: String(v.rung), beside: v.beside ?? '', purpose: v.purpose,
    shares: Object.entries(v.shares).map(([action, share]) => `${action} ${share}`).join(KEYS),
    kind: v.kind ?? '', mode: v.mode, posture: v.posture,
    equipment: v.equipment.map(need => need.join('|')).join(KEYS),
    sides: v.sides, muscles: v.muscles.join(KEYS), tires: v.tires.join(KEYS), setUp: v.setUp, cueInside: v.cues.inside,
    cueOutside: v.cues.outside,
    faults: v.faults.map(({ see, fix }) => see + PUTS_RIGHT + fix).join(LINES),
    stopSign: v.stopSign, caution: v.caution ?? '', breath: v.breath, braceStep: String(v.braceStep),
    prerequisites: (v.prerequisites ?? []).join(KEYS), hazards: v.hazards.join(KEYS), fatigue: String(v.fatigue),
    spineCost: String(v.spineCost), doses: v.doses.map(writeDose).join(LINES), gateSets: String(v.gate.sets),
    gateAmount: String(v.gate.amount), gateSessions: String(v.gate.sessions), gateSeen: v.gate.seen,
    breaths: (v.breaths ?? []).join(KEYS), gateOfBody: String(v.gate.ofBody ?? ''),
    gateLastHoldS: String(v.gate.lastHoldS ?? ''),
    entry: (v.entry ?? []).map(({ id, seconds }) => `${id} ${seconds}`).join(KEYS),
    settings: v.settings.join(KEYS), insideLift: v.insideLift ? 'yes' : '', pose: v.pose ? writePose(v.pose) : '',
  }
}

/**
 * Reads a row back. What the words mean is checked by the caller: keys that are not known stay as they are.
 *
 * @throws DomainError naming the column that cannot be read.
 * @example
 * fromSheetRow(toSheetRow(findVariation('side-plank.feet'), STANDARD.ladders[7])).gate.sets // => 3
 */
export function fromSheetRow(row: Partial<Record<string, string>>): OwnVariation {
  const text = (column: keyof SheetRow): string => (row[column] ?? '').trim()
  const keys = (column: keyof SheetRow): string[] => text(column).split(';').map(k => k.trim()).filter(Boolean)
  const lines = (column: keyof SheetRow): string[] => text(column).split(/\r?\n/).map(l => l.trim()).filter(Boolean)
  const number = (column: keyof SheetRow): number => {
    const value = Number(text(column))
    if (text(column) === '' || !Number.isFinite(value))
      throw new DomainError(column, `The column ${column} must hold a number.`)
    return value
  }
  const read = {
    id: text('id'), name: text('name'), ladder: text('ladder'), rung: number('rung'),
    ...(text('beside') === '' ? {} : { beside: text('beside') }), purpose: text('purpose'),
    shares: Object.fromEntries(keys('shares').map(readShare)), ...(text('kind') === '' ? {} : { kind: text('kind') }),
    mode: text('mode'), posture: text('posture'),
    equipment: keys('equipment').map(need => need.split('|').map(k => k.trim()).filter(Boolean)),
    sides: text('sides'), muscles: keys('muscles'), tires: keys('tires'), setUp: text('setUp'),
    cues: { inside: text('cueInside'), outside: text('cueOutside') },
    faults: lines('faults').map(readFault), stopSign: text('stopSign'),
    ...(text('caution') === '' ? {} : { caution: text('caution') }), breath: text('breath'),
    braceStep: number('braceStep'),
    ...(keys('prerequisites').length > 0 ? { prerequisites: keys('prerequisites') } : {}),
    hazards: keys('hazards'), fatigue: number('fatigue'), spineCost: number('spineCost'),
    doses: lines('doses').map(readDose),
    ...(text('breaths') === '' ? {} : { breaths: keys('breaths').map(Number) }),
    ...(text('entry') === '' ? {} : { entry: keys('entry').map(readEntry) }),
    gate: {
      sets: number('gateSets'), amount: number('gateAmount'), sessions: number('gateSessions'), seen: text('gateSeen'),
      ...(text('gateOfBody') === '' ? {} : { ofBody: number('gateOfBody') }),
      ...(text('gateLastHoldS') === '' ? {} : { lastHoldS: number('gateLastHoldS') }),
    },
    settings: keys('settings'), ...(text('insideLift') === 'yes' ? { insideLift: true } : {}),
    ...(text('pose') === '' ? {} : { pose: readPose(text('pose')) }),
  }
  return read as unknown as OwnVariation
}

function readShare(word: string): [string, number] {
  const [action, share] = word.split(/\s+/)
  const value = Number(share)
  if (!action || !Number.isFinite(value))
    throw new DomainError('shares', `Write shares as "antiExtension 0.6; rotation 0.4", not "${word}".`)
  return [action, value]
}

function readEntry(word: string): { id: string, seconds: number } {
  const [id, seconds] = word.split(/\s+/)
  if (!id || !Number.isFinite(Number(seconds)))
    throw new DomainError('entry', `Write an entry as "side-plank.feet 60", not "${word}".`)
  return { id, seconds: Number(seconds) }
}

function readFault(line: string): { see: string, fix: string } {
  const at = line.indexOf(PUTS_RIGHT)
  if (at < 1) throw new DomainError('faults', `Write a fault as "what is seen -> what puts it right", not "${line}".`)
  return { see: line.slice(0, at).trim(), fix: line.slice(at + PUTS_RIGHT.length).trim() }
}

function writeDose({ sets, amount, unit, tempo, restS }: Dose): string {
  return `${sets} x ${amount} ${unit}${tempo === undefined ? '' : ` @${tempo}`}, rest ${restS}`
}

const DOSE = new RegExp(
  `^(\\d+)\\s*[x×]\\s*(\\d+(?:\\.\\d+)?)\\s+(${DOSE_UNITS.join('|')})(?:\\s+@(\\S+?))?,?\\s+rest\\s+(\\d+)$`,
)

function readDose(line: string): Dose {
  const found = DOSE.exec(line)
  if (!found)
    throw new DomainError(
      'doses',
      `Write a dose as "3 x 10 seconds, rest 5" or "3 x 6 reps @3-0-3-0, rest 30", not "${line}".`,
    )
  const [, sets, amount, unit, tempo, restS] = found
  return {
    sets: Number(sets), amount: Number(amount), unit: unit as DoseUnit, ...(tempo === undefined ? {} : { tempo }),
    restS: Number(restS),
  }
}

function writePose({ model, set, open }: NonNullable<Variation['pose']>): string {
  return [
    model,
    ...Object.entries(set).map(([name, value]) => `${name}=${value}`),
    ...(open.length > 0 ? [`open ${open.join(' ')}`] : []),
  ].join(KEYS)
}

function readPose(text: string): NonNullable<Variation['pose']> {
  const [model = '', ...rest] = text.split(';').map(part => part.trim()).filter(Boolean)
  const open = rest.find(part => part.startsWith('open '))?.split(/\s+/).slice(1) ?? []
  const set = Object.fromEntries(
    rest.filter(part => !part.startsWith('open ')).map((part): [string, number] => {
      const [name = '', value] = part.split('=')
      if (!Number.isFinite(Number(value ?? 'x')))
        throw new DomainError('pose', `Write a pose as "elbowPlank; loadKg=10; open loadKg", not "${part}".`)
      return [name.trim(), Number(value)]
    }),
  )
  return { model, set, open }
}
