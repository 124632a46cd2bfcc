import { say, type Words } from './say'

export const carries: Words = {
  'march-hold': say(
    'Level hips as a knee comes up.', 'March on the spot under a low ceiling.',
    'The hip drops on the lifted side.', 'Weight off the thigh; shoes on.',
    ['Hip drops', 'Heel only off the floor.'], ['Leans to the free side', 'Lighter.'],
  ),
  'suitcase-deadlift': say(
    'Flat back, both shoulders level, hips back.', 'Pick up a case without creasing your jacket.',
    'The low back rounds or one shoulder drops.', 'From a block where the floor is too low.',
    ['Rounds to reach', 'Weight on a block.'], ['Twists to the weight', 'Free fist tight at the hip.'],
  ),
  'suitcase': say(
    'As tall and straight as without the weight.', 'Walk a chalk line with a case nobody may notice.',
    'The body leans, or the weight touches the thigh.', 'Weight just off the thigh; grip fresh; clear way.',
    ['Leans away', 'Lighter until it looks like nothing.'], ['Shrugs', 'Long neck, blade in the back pocket.'],
  ),
  'suitcase-heavy': say(
    'Ribs over the hips at every step.', 'Carry the heavy case through a narrow gate.',
    'The first step off the line.', 'Held breath is no way to carry: breathe behind the brace; chalk, clear floor.',
    ['Steps shorten and sway', '5 kg less.'], ['Breath held', 'Count the steps aloud.'],
  ),
  'two-hand': say(
    'Shoulders back and down, steps short and quick.', 'Carry two full buckets and spill neither.',
    'The back rounds or the steps cross.', 'Put down in time: feet clear of the weights.',
    ['Rounds forward', 'Lighter, eyes ahead.'], ['Buckets swing', 'Shorter steps.'],
  ),
  'mixed': say(
    'One weight at the shoulder, one at the side, ribs between them square.',
    'Carry a child and a case up to the door.',
    'The ribs tip to the low weight.', 'Lighter weight at the shoulder; change sides at the same distance.',
    ['Tips to the low side', 'Lighter below.'], ['Elbow of the high weight flies', 'Elbow to the ribs.'],
  ),
  'front-held': say(
    'Chest tall behind the weight, breath behind the brace.', 'Carry a heavy box that you must see over.',
    'The upper back rounds over the bag.', 'Lift it with the legs; set it down on something high.',
    ['Leans back under it', 'Lighter, ribs down.'], ['Upper back rounds', 'Hug it higher.'],
  ),
  'overhead': say(
    'Ribs down under a straight arm.', 'Hold the roof up as you walk under it.',
    'The ribs flare or the elbow softens.', 'Clear way, bail out to the front; not with a sore shoulder.',
    ['Ribs flare', 'Lighter; biceps by the ear.'], ['Elbow softens', 'Stop, rest, shorter way.'],
  ),
  'overhead-both': say(
    'Both arms by the ears, belly long and hard.', 'Carry a plank over your head through a door.',
    'The low back arches to hold it there.', 'Bar or two bells that can be dropped ahead; a clear way.',
    ['Arches under it', 'Lighter, seat squeezed.'], ['Head pokes forward', 'Ears between the arms.'],
  ),
  'overhead-uneven': say(
    'Two jobs, one quiet trunk between them.', 'Hold a lamp up and a bucket down, both steady.',
    'The trunk bends towards the low weight.', 'The high weight is the lighter one.',
    ['Bends to the low side', 'Even the weights out.'], ['Looks up', 'Eyes on the door ahead.'],
  ),
}
