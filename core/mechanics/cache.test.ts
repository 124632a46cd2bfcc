import { expect, it } from 'vitest'
import { rememberingEvaluator } from './cache'
import { evaluate } from './evaluate'
import { findModel } from './poses'

const size = { sex: 'male' as const, heightM: 1.8, massKg: 80 }

it.each(['elbowPlank', 'handPlank', 'benchTrunkUp'])('says of %s what is reckoned afresh, of any mass', (id) => {
  const model = findModel(id)!
  const ask = rememberingEvaluator()
  for (const massKg of [80, 120, 55]) {
    const fresh = evaluate(model, { ...size, massKg }, {})
    const kept = ask(model, { ...size, massKg }, {})
    expect(kept.sagittalNm).toBeCloseTo(fresh.sagittalNm, 6)
    expect(kept.axialN).toBeCloseTo(fresh.axialN, 6)
    expect(kept.handsShare).toBeCloseTo(fresh.handsShare, 9)
  }
})

it('does not scale a load in the hands with the body that holds it', () => {
  const model = findModel('oneArmPress')!
  const ask = rememberingEvaluator()
  for (const massKg of [60, 110]) {
    const fresh = evaluate(model, { ...size, massKg }, { loadKg: 24 })
    expect(ask(model, { ...size, massKg }, { loadKg: 24 }).transverseNm).toBeCloseTo(fresh.transverseNm, 6)
  }
})
