import { defineModel, setting, type Model } from '../model'
import { placed, type TrunkAxes } from '../skeleton'
import type { Contact } from '../statics'
import { add, type Vector } from '../vector'
import { armBy, both, leaning, legBy, limb } from './directions'
import { SIDES } from './stance'

const onGround = (at: Vector): Contact => ({ at, above: false, grips: true })

/** On the left side, head to the right, chest to the front; knees bent or straight, the upper leg opened or raised. */
const lyingSide = defineModel('lyingSide', 'side', {
  hipDeg: setting('Hips bent', '°', 0, 90, 5, 45), kneeDeg: setting('Knees bent', '°', 0, 110, 5, 90),
  raisedDeg: setting('Upper leg raised', '°', 0, 60, 5, 0),
}, (body, s) => {
  const pelvis: TrunkAxes = { up: [1, 0, 0], front: [0, -1, 0] }
  const head = armBy(pelvis, 150, 40)
  const leg = (out: number) => legBy(pelvis, s.hipDeg, s.kneeDeg, 30, out)
  const k = placed(body, {
    pelvis, arms: { left: head, right: armBy(pelvis, 10, 20) }, legs: { left: leg(0), right: leg(-s.raisedDeg) },
  })
  return { skeleton: k, contacts: [onGround(k.joints.hipLeft), onGround(k.joints.shoulderLeft)], loads: [] }
})

/** Belly up on hands and feet, the seat off the floor. */
const crab = defineModel('crab', 'side', {
  hipDeg: setting('Hips bent', '°', 10, 90, 5, 50),
}, (body, s) => {
  const pelvis = leaning(-55)
  const arm = limb(leaning(0), -20)
  const k = placed(body, {
    pelvis, arms: both({ upper: arm, fore: arm, hand: [-1, 0, 0] }), legs: both(legBy(pelvis, s.hipDeg + 20, 85)),
  })
  return {
    skeleton: k, loads: [],
    contacts: SIDES.flatMap(side => [onGround(k.joints[`palm${side}`]), onGround(k.joints[`heel${side}`])]),
  }
})

/** On both knees, straight from the knee to the head, leaning forward as one piece. */
const kneelLean = defineModel('kneelLean', 'side', {
  leanDeg: setting('Lean of the body', '°', 0, 80, 5, 40),
}, (body, s) => {
  const t = leaning(s.leanDeg)
  const k = placed(body, {
    pelvis: t, arms: both(armBy(t, 25, 110)),
    legs: both({ thigh: limb(t, 0), shank: [-1, 0, 0], foot: [-1, 0, 0] }),
  })
  return {
    skeleton: k, loads: [],
    contacts: SIDES.flatMap(side => [
      onGround(add(k.joints[`knee${side}`], [0, 0, -body.kneeHeightM])), onGround(k.joints[`ankle${side}`]),
    ]),
  }
})

/** Positions that are drawn and not computed: their ground is where it looks to be. */
export const PICTURES: readonly Model[] = [lyingSide, crab, kneelLean]
