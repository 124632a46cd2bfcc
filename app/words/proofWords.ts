import type { PlanProof } from '~~/core/programme'

/**
 * What is known about better plans, as one sentence. Goals are full sets off target, the weak link's counted half as
 * much again.
 */
export function proofText(proof: PlanProof): string {
  const { goal, bound, proven, walled } = proof
  if (proven)
    return goal < 0.05
      ? 'Every target is met: nothing better exists.'
      : `${goal.toFixed(1)} full sets off target, and nothing better exists.`
  const most = (Math.ceil((goal - bound) * 10) / 10).toFixed(1)
  return `${goal.toFixed(1)} full sets off target; it could be better by up to ${most}: not proven${
    walled ? ' in the time given' : ''
  }.`
}
