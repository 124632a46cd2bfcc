import type { PlanProof } from '~~/core/programme'

/**
 * What is known about better plans, as one sentence. Goals are seconds off target, the weak link's counted half as much
 * again.
 */
export function proofText(proof: PlanProof): string {
  const { goal, bound, proven, walled } = proof
  if (proven)
    return goal < 0.5
      ? 'Every target is met: nothing better exists.'
      : `${Math.round(goal)} s off target, and nothing better exists.`
  const most = Math.ceil(goal - bound)
  return `${Math.round(goal)} s off target; it could be better by up to ${most} s: not proven${
    walled ? ' in the time given' : ''
  }.`
}
