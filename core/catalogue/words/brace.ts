import { say, type Words } from './say'

export const brace: Words = {
  'low-breath': say(
    'Breathe into the belly and sides, not the chest.', 'Push your hands away on all sides.',
    'The chest or the shoulders lift with the breath.', 'Dizzy: breathe less, and rest before the next try.',
    ['Chest and shoulders lift', 'Breathe less air; feel chest and belly with one hand each.'],
    ['Only the front of the belly moves', 'Hands to the sides of the waist; send the breath there.'],
  ),
  'find-it': say(
    'Stiffen front, sides and back at once, the pelvic floor too.', 'Do not let the prod dent you.',
    'The breath stops, or the belly is sucked in.', 'A light prod is enough: nobody is to be hurt or to strain.',
    ['Belly is sucked in', 'Swell against the fingers on all sides instead.'],
    ['The back stays soft', 'One hand on the low back: it has to move too.'],
  ),
  'brace-and-talk': say(
    'Keep the wall of the waist hard while air goes in and out.', 'Tell the wall what you had for breakfast.',
    'The words stop, or the waist softens between them.',
    'No breath is held here: with high pressure that is the point.',
    ['Breath is held', 'Count aloud from the first second.'],
    ['Softens with each breath in', 'Half the stiffness, and keep that half.'],
  ),
  'without-hands': say(
    'Feel the waist widen without a hand on it.', 'Wear an invisible belt and fill it all round.',
    'The belt goes slack, or the shoulders creep up.', 'Stand near a wall while it is new; step out of it when dizzy.',
    ['Shoulders creep up', 'Long neck, breathe out once, set it again.'],
    ['Only braces in front', 'Back against a wall: press it with the waist too.'],
  ),
  'braced-squat': say(
    'Ribs stay stacked over the pelvis, down and up.', 'Carry a full glass on your head to the box and back.',
    'The low back rounds at the box, or the brace is lost on the way up.',
    'A box as high as the knees ask for; pain in the knee means higher.',
    ['Brace lost at the bottom', 'Higher box, pause on it, brace before standing.'],
    ['Breath held all the way', 'Out through pursed lips on the way up.'],
  ),
  'march': say(
    'The low back keeps its small arch while a foot leaves.', 'The floor must not hear the foot come down.',
    'The low back moves under the hand.', 'Late in pregnancy not on the back: seated instead.',
    ['Pelvis rocks towards the lifted leg', 'Lift the heel only, toes down.'],
    ['Belly pops up', 'Breathe out as the foot lifts, step smaller.'],
  ),
  'march-counts': say(
    'Every step the same: count while the brace stays.', 'March on a drum that you must not shake.',
    'The count goes on but the back has begun to move.', 'The count is no goal in itself: stop at the first sway.',
    ['Counts run ahead of the brace', 'Two steps, release, set again; add two a week.'],
    ['Neck and jaw tighten', 'Talk the numbers aloud.'],
  ),
  'bar-brace': say(
    'Swell into the bar and the belt line before anything moves.', 'Make the bar feel lighter by standing taller.',
    'The bar tips, or the knees unlock before the brace is there.',
    'Safeties set, a spotter while it is new; nobody with a ruling against breath-holding holds it here.',
    ['Leans back under the bar', 'Ribs down, weight over mid foot.'],
    ['Brace comes after the step', 'Brace in the rack, step out, brace again.'],
  ),
  'breath-to-force': say(
    'Hiss as the fist lands; loose before and after.', 'Let the pad hear the hiss and the hit as one sound.',
    'Breath and hit come apart.', 'Light hits first; wrists straight; stop with any pain in the head or the belly.',
    ['Long breath out', 'Short as a sneeze.'], ['Stays tense between hits', 'Shake the arms out, then again.'],
  ),
  'breath-to-throw': say(
    'The brace comes on at release and goes again.', 'Blow the ball off your hands.',
    'The hiss is late, or the head jerks back.', 'Clear space and a ball that is light for the arm.',
    ['Breath held through the whole throw', 'Breathe in on the way back, hiss as it leaves.'],
    ['Belly pushed out at release', 'Half the speed until the waist stays hard.'],
  ),
  'breath-to-sprint': say(
    'One short breath every other step, the waist quietly hard.', 'Run with a brimming cup in each hip pocket.',
    'The trunk sways, or the breath turns into gasping.', 'Warm up first; build to three quarters of full speed.',
    ['Breath held over the first steps', 'Hiss with the first two pushes.'],
    ['Shoulders roll', 'Hands from hip to chin, ribs quiet.'],
  ),
  'breath-to-lift': say(
    'Air low, waist hard, and part of it let go past the hardest point.',
    'Hiss through a straw as the bar passes the knee.',
    'The brace goes before the weight is down.',
    'Only through-breathing where held breath is ruled out; a weight that leaves three repeats in hand.',
    ['All the air goes at once', 'Through the teeth, a third of it.'],
    ['No new breath between repeats', 'Stand, reset, breathe, then the next.'],
  ),
}
