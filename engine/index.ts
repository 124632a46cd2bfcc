// npm run -s engine -- COMMAND: the core for scripts and spreadsheets. JSON in on standard input, JSON (or CSV) out.
import { readFileSync } from 'node:fs'
import { DomainError } from '../core/errors'
import { answerOf } from './commands'

try {
  const answer = await answerOf(process.argv[2] ?? '', () => readFileSync(0, 'utf8'))
  process.stdout.write(`${typeof answer === 'string' ? answer : JSON.stringify(answer)}\n`)
}
catch (error) {
  if (!(error instanceof DomainError)) throw error
  process.stderr.write(`${JSON.stringify({ field: error.field, message: error.message })}\n`)
  process.exitCode = 2
}
