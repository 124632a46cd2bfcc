import { DomainError } from '../core/errors'
import { admissible, assess, brace } from './assess'
import { capacity, effort } from './capacity'
import { catalogue } from './catalogue'
import { decide } from './decide'
import { dose } from './dose'
import { timetable, timetableRepair } from './floor'
import type { Input } from './schemas/read'
import { band, moments, reactions, variations } from './mechanics'
import { propose } from './propose'
import { review } from './review'
import { repair, season } from './season'
import { evaluate, week } from './week'

const COMMANDS: Readonly<Record<string, (input: Input) => unknown>> = {
  variations, moments, reactions, band, dose, catalogue, assess, brace, admissible, capacity, effort, propose,
  decide, review, week, evaluate, season, repair,
  timetable, 'timetable-repair': timetableRepair,
}
/** Commands that take no input. */
const SILENT = ['variations']

/** The answer to a command: an object, or the text of a table. */
export async function answerOf(name: string, read: () => string): Promise<unknown> {
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined
  if (!command) throw new DomainError('command', `Say one of: ${Object.keys(COMMANDS).join(', ')}.`)
  return command(SILENT.includes(name) ? {} : parse(read()))
}

function parse(text: string): Input {
  let value: unknown
  try {
    value = JSON.parse(text.trim() || '{}')
  }
  catch {
    throw new DomainError('input', 'Standard input is not JSON.')
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new DomainError('input', 'Standard input must hold one JSON object.')
  return value as Input
}
