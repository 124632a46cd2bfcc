import { say, type Words } from './say'

export const levers: Words = {
  'hollow-hang': say(
    'Ribs down, toes a hand ahead of you.', 'Hang like a bow with the string in front.',
    'The back arches or the grip opens.', 'Step to get on and off.',
    ['Arches', 'Squeeze the seat.'], ['Hangs in the ears', 'Pull the shoulders down.'],
  ),
  'tuck': say(
    'Shoulders down and back, trunk level, arms straight.', 'Lie on a shelf of air.',
    'The seat sinks or the elbows bend.', 'A bar that carries you; mat below.',
    ['Elbows bend', 'Lower for one second, again.'], ['Seat sinks', 'Knees tighter to the chest.'],
  ),
  'advanced-tuck': say(
    'Flat back, thighs upright.', 'Carry a tray on your shins.',
    'The back rounds.', 'Three clean tucks of ten seconds first.',
    ['Back rounds', 'Knees in a little.'], ['Shoulders open', 'Push the bar to the feet.'],
  ),
  'one-leg': say(
    'Long leg from a squeezed seat, pelvis square.', 'Point at the far wall with one foot.',
    'The pelvis turns.', 'Both sides the same time.',
    ['Pelvis turns', 'Bend the long knee a little.'], ['Leg sinks', 'Shorter.'],
  ),
  'straddle': say(
    'Level from shoulder to heel, legs wide.', 'Be a weather vane in a calm.',
    'Hips fold.', 'The wider the easier; elbows rest afterwards.',
    ['Hips fold', 'Wider, seat tight.'], ['Arms bend', 'Pull the bar towards the hips.'],
  ),
  'full': say(
    'Seat, ribs and legs squeezed into one.', 'Be one board from the hands to the toes.',
    'The hips drop or the elbows bend: the shoulder is often the limit.',
    'Elbows and shoulders get as much work as the trunk.',
    ['Hips drop', 'Straddle again.'], ['Holds the breath', 'Sip air.'],
  ),
  'lowering-45': say(
    'Four seconds of one straight body.', 'Lower a flagpole with two hands.',
    'It breaks at the hips.', 'Come down tucked when it breaks.',
    ['Breaks at the hips', 'Stop higher.'], ['Drops', 'Two seconds, then more.'],
  ),
  'lowering-flat': say(
    'Slow past the hardest third.', 'Lay a long plank on the water.',
    'The last part is a fall.', 'Fresh, few; elbows warm.',
    ['Falls at the end', 'To 45 degrees.'], ['Arms bend', 'One leg tucked.'],
  ),
  'horizontal-hang': say(
    'Shoulders forward and down, seat hard, face to the floor.', 'Fly home slowly.',
    'Pain or pinch in front of the shoulder.', 'Shoulder range first; feet touch down at any pinch.',
    ['Back arches', 'Tuck it.'], ['Arms bend', 'Higher feet.'],
  ),
  'side-lever': say(
    'Lower arm pushes, upper arm pulls, side long.', 'Be a flag in a steady wind.',
    'The hips turn or sink.', 'A pole that holds; ankles clear of people.',
    ['Hips turn', 'Chest faces ahead.'], ['Sinks', 'Legs tucked.'],
  ),
}
