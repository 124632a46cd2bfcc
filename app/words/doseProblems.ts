import { checkDose, type Dose } from '~~/core/dose'
import { DomainError } from '~~/core/errors'

/** What is wrong with a dose, by field; the core decides, so that typing stays instant. */
export function doseProblems(dose: Dose): Record<string, string> {
  try {
    checkDose(dose)
    return {}
  }
  catch (error) {
    if (error instanceof DomainError) return { [error.field]: error.message }
    throw error
  }
}
