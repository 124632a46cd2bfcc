import type { OwnCatalogue, OwnVariation } from '~~/core/catalogue'

const LADDER = 'own-paddle-seat'

const seated: Omit<OwnVariation, 'id' | 'rung' | 'name' | 'purpose' | 'setUp' | 'shares' | 'doses' | 'gate'> = {
  ladder: LADDER, mode: 'isometric', posture: 'seated', equipment: [['box', 'bench']], sides: 'each',
  muscles: ['externalObliques', 'internalObliques', 'erectorSpinae'],
  tires: ['hips'],
  cues: {
    inside: 'Grow from the sit bones, ribs over the belt.', outside: 'Keep the paddle shaft level with the far shore.',
  },
  faults: [
    { see: 'The low back rounds', fix: 'Sit higher, or shorten the hold.' },
    { see: 'The knees do the turning', fix: 'Press both heels into the foot bar first.' },
  ],
  stopSign: 'The shaft tips or the back rounds.', breath: 'breatheBehind', braceStep: 4, hazards: [], fatigue: 2,
  spineCost: 1, settings: [],
}

/** Drills the invented centre has written for its canoe squad; everything in them is invented. */
export const OWN_DRILLS: OwnCatalogue = {
  ladders: [{ id: LADDER, name: 'Paddle seat', aim: 'Stay tall in the boat while the water pulls.' }],
  variations: [
    {
      ...seated, id: `${LADDER}.own-tall-and-still`, rung: 1, name: 'Paddle seat, tall and still', sides: 'both',
      purpose: 'The height of the boat without the boat.',
      setUp: 'Sit on a low box, heels on a bar, paddle shaft across the chest.',
      shares: { antiFlexion: 1 }, fatigue: 1,
      doses: [{ sets: 3, amount: 20, unit: 'seconds', restS: 15 }, { sets: 4, amount: 30, unit: 'seconds', restS: 15 }],
      gate: { sets: 3, amount: 40, sessions: 2, seen: 'The shaft stays level.' },
    },
    {
      ...seated, id: `${LADDER}.own-band-from-the-side`, rung: 2, name: 'Paddle seat, band from the side',
      purpose: 'The pull of the blade, held without turning.',
      setUp: 'As before; a band from the side pulls at the shaft in front of the chest.',
      shares: { antiRotation: 0.8, antiFlexion: 0.2 },
      equipment: [['box', 'bench'], ['band', 'cable'], ['anchor', 'cable']],
      settings: ['bandN'],
      doses: [{ sets: 3, amount: 10, unit: 'seconds', restS: 20 }, { sets: 4, amount: 15, unit: 'seconds', restS: 20 }],
      gate: { sets: 3, amount: 20, sessions: 2, seen: 'Both sides the same.' },
    },
    {
      ...seated, id: `${LADDER}.own-slow-stroke`, rung: 3, name: 'Paddle seat, slow stroke against a band',
      mode: 'dynamic', purpose: 'Turning from the ribs while the hips stay.',
      setUp: 'As before; turn the shaft through one slow stroke and back against the band.',
      shares: { rotation: 0.6, antiFlexion: 0.4 },
      equipment: [['box', 'bench'], ['band', 'cable'], ['anchor', 'cable']],
      settings: ['bandN'], hazards: ['loadedRotation'], fatigue: 3, spineCost: 2,
      prerequisites: ['press-out.tall-kneeling'],
      doses: [{ sets: 2, amount: 6, unit: 'reps', tempo: '2-1-2-0', restS: 45 }, {
        sets: 3, amount: 8, unit: 'reps', tempo: '2-1-2-0', restS: 45,
      }],
      gate: { sets: 3, amount: 10, sessions: 2, seen: 'The sit bones do not move.' },
    },
    {
      ...seated, id: 'side-plank.own-rolled-mat', ladder: 'side-plank', rung: 2,
      name: 'Side plank, hip on a rolled mat', posture: 'sideLying',
      purpose: 'A touch under the hip tells when it sinks.',
      setUp: 'Side plank with a rolled mat a finger below the hip.', equipment: [], shares: { antiLateralFlexion: 1 },
      muscles: ['quadratusLumborum', 'externalObliques'], tires: ['shoulders'], hazards: ['shoulderLoad'],
      cues: { inside: 'Hips forward into line.', outside: 'Keep the mat untouched.' },
      faults: [{ see: 'The hip rests on the mat', fix: 'Shorter holds.' }],
      stopSign: 'The hip rests on the mat.', braceStep: 3,
      doses: [{ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, { sets: 4, amount: 15, unit: 'seconds', restS: 10 }],
      gate: { sets: 3, amount: 25, sessions: 2, seen: 'The mat is never touched.' },
      pose: { model: 'sidePlank', set: {}, open: [] },
    },
  ],
}
