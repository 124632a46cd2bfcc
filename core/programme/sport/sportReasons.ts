import { must } from '../../errors'
import type { PerAction } from '../../catalogue'
import type { SportProfileId } from './sportProfiles'

type Eight = readonly [string, string, string, string, string, string, string, string]

/**
 * Why each weight of a sport stands where it does: what asks for the action, in the order resist arching, resist
 * folding, fold, arch, resist side bend, side bend, resist turning, turn. Our own words, in the direction of common
 * practice, no source.
 */
const REASONS: Readonly<Record<SportProfileId, Eight>> = {
  striking: [
    'Blows to the chest push the trunk back.', 'The low guard is held against its own weight.',
    'Slipping under a blow folds a little.', 'Rising from the guard arches a little.', 'Body blows come from the side.',
    'Slips bend sideways, lightly loaded.', 'Each blow lands on a trunk that must not give.',
    'Hips and shoulders drive the blow.',
  ],
  grappling: [
    'Holding posture against a pull backwards.', 'Snaps and pulls fold the trunk; it must stay tall.',
    'Guard work and sitting up with weight on top.', 'Bridging out from beneath.',
    'Side control and lifts load one side.', 'Side escapes are short and light.',
    'Grips pull one shoulder round all the time.', 'Throws and turns over the hip.',
  ],
  throwing: [
    'The cocked position pulls the trunk into an arch.', 'The block leg folds the trunk forward at release.',
    'Trunk follows the arm through.', 'Small arch in the last strides.', 'The plant leg tips the trunk sideways.',
    'The lean away at release, kept small.', 'An unstable link between ground and arm loses force.',
    'Hips lead, trunk and arm follow.',
  ],
  racket: [
    'The serve loads the trunk in an arch.', 'Low balls are played from a held hinge.',
    'The serve’s follow-through folds.', 'The serve’s toss arches.', 'Wide balls are reached on one leg.',
    'Overheads lean away, lightly.', 'Every stroke must be braked.', 'Every stroke is a turn.',
  ],
  running: [
    'Ribs stay down when breath is short.', 'The trunk stays tall over tired legs.', 'Hardly any.', 'Hardly any.',
    'Each stance drops the pelvis if nothing holds it.', 'Hardly any.',
    'Arms and legs turn the trunk against one another.', 'Small turning, kept free.',
  ],
  cycling: [
    'Pulling on the bars lifts the ribs.', 'A bent position is held for hours.', 'The position is a hold, not a curl.',
    'Undoing the bend after hours in it.', 'One leg pushes at a time.', 'Hardly any.',
    'Standing sprints twist bars against hips.', 'Hardly any.',
  ],
  paddling: [
    'The reach at the catch opens the front.', 'The catch hangs on a trunk that leans forward.',
    'The reach folds a little.', 'Rising from the reach opens the trunk.', 'One blade loads one side.',
    'Leaning to the catch, a little.',
    'The stroke side pulls the trunk round.', 'Turning makes the stroke long.',
  ],
  rowing: [
    'The finish leans back on the front of the trunk.', 'The catch hangs the legs’ force on a folded trunk.',
    'The recovery folds forward from the hips.', 'The drive opens the trunk.', 'One oar loads one side.', 'Hardly any.',
    'The oar side pulls the trunk round.', 'A little, towards the rigger.',
  ],
  swimming: [
    'The straight line sags when the front lets go.', 'Little: water carries the trunk.', 'Tumble turns.',
    'Undulation and the start.', 'The catch pulls the line into a snake.', 'Hardly any, and unwanted.',
    'The body turns as one piece.', 'Roll from the hips.',
  ],
  barbell: [
    'The bar overhead pulls the ribs up.', 'The bar in front folds the trunk: the sport’s first question.',
    'Hardly any.', 'The lock-out, kept small.', 'Uneven bars and walk-outs.', 'Hardly any.',
    'The bar turns when one side is late.', 'Hardly any.',
  ],
  gymnastic: [
    'The straight line on bars, rings and hands.', 'Tucked landings are held off.',
    'Compression: pikes, L-holds, presses.', 'Bridges and kips arch.', 'Side lines in hangs and turns.',
    'Small shaping.', 'Twists start from a still trunk.', 'Twists in the air come from arms and hips.',
  ],
  climbing: [
    'Feet cut when the front lets go at full reach.', 'Slabs are held from a hinge.', 'Bringing feet back to the wall.',
    'Back-bends under roofs.', 'Flags and side pulls.', 'Leaning into a flag, lightly.', 'One-arm hangs swing open.',
    'Turning a hip to the wall.',
  ],
  fieldCourt: [
    'Jumps and headers throw the trunk back.', 'Landings and low stances fold it.', 'A little, in the air.',
    'A little, in the air.', 'Cuts and one-leg landings.', 'Hardly any.', 'Contact and cuts turn the trunk.',
    'Passing, hitting and throwing.',
  ],
  collision: [
    'Hits from the front push the trunk back.', 'Driving low against weight.', 'A little, from the ground.',
    'A little, from the ground.', 'Hits from the side.', 'Hardly any.', 'Arm tackles and hand-offs twist.',
    'Passing and turning away.',
  ],
  boards: [
    'Drops and landings throw the trunk back.', 'The crouch is held over moving ground.', 'A little, in the tuck.',
    'A little, in the release.', 'Edges load one side at a time.', 'Leaning into the turn, lightly.',
    'The upper body stays while the board turns.', 'Turns start from the hips.',
  ],
  general: [
    'Reaching overhead without arching.', 'Lifting things from the floor.', 'Getting up from lying.',
    'Standing tall again.', 'Carrying a bag on one side.', 'Hardly any.', 'Opening heavy doors, pulling a dog’s lead.',
    'Looking and reaching round.',
  ],
}

const ORDER = [
  'antiExtension', 'antiFlexion', 'flexion', 'extension', 'antiLateralFlexion', 'lateralFlexion', 'antiRotation',
  'rotation',
] as const satisfies readonly (keyof PerAction)[]

/**
 * Why a sport weighs an action as it does.
 *
 * @example
 * sportReason('running', 'antiLateralFlexion') // => 'Each stance drops the pelvis if nothing holds it.'
 */
export function sportReason(sport: SportProfileId, action: keyof PerAction): string {
  return must(REASONS[sport][ORDER.indexOf(action)])
}
