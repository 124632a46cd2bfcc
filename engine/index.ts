// npm run -s engine -- COMMAND: the core for scripts and spreadsheets. JSON in on standard input, JSON (or CSV) out.
import { readFileSync } from 'node:fs'
import { DomainError } from '../core/errors'
import { admissible, assess, brace } from './assess'
import { catalogue } from './catalogue'
import { dose } from './dose'
import type { Input } from './input'
import { band, moments, reactions, variations } from './mechanics'
import { evaluate, week } from './week'

const COMMANDS: Readonly<Record<string, (input: Input) => unknown>> = {
  variations, moments, reactions, band, dose, catalogue, assess, brace, admissible, week, evaluate,
}

function read(): Input {
  if (process.argv[2] === 'variations') return {}
  const text = readFileSync(0, 'utf8')
  let value: unknown
  try {
    value = JSON.parse(text.trim() || '{}')
  }
  catch {
    throw new DomainError('input', 'Standard input is not JSON.')
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value)) throw new DomainError('input', 'Standard input must hold one JSON object.')
  return value as Input
}

try {
  const name = process.argv[2] ?? ''
  const command = Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined
  if (!command) throw new DomainError('command', `Say one of: ${Object.keys(COMMANDS).join(', ')}.`)
  const answer = await command(read())
  process.stdout.write(`${typeof answer === 'string' ? answer : JSON.stringify(answer)}\n`)
}
catch (error) {
  if (!(error instanceof DomainError)) throw error
  process.stderr.write(`${JSON.stringify({ field: error.field, message: error.message })}\n`)
  process.exitCode = 2
}
