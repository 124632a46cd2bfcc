/** How a variation of the catalogue is computed: which model, what of it is fixed, and what a coach may move. */
export interface PoseLink {
  readonly model: string
  readonly set: Readonly<Record<string, number>>
  /** Settings offered as sliders, most telling first. */
  readonly open: readonly string[]
  /** Settings besides distances that are those of a body of 1.80 m and go with stature. */
  readonly grows?: readonly string[]
  /** Settings at the easy end of a repeat; those of `set` are at the other. */
  readonly from?: Readonly<Record<string, number>>
  /** Why a drill that moves has no path: its moment is that of one position. */
  readonly steady?: string
}

/** Why a variation has no pose. */
export interface NoPose {
  readonly none: string
}

/** Drills by id, each with its pose or the reason why it has none. */
export type Links = Readonly<Record<string, PoseLink | NoPose>>

/** A pose by its model, what is fixed of it, and what may be moved. */
export const pose = (model: string, set: PoseLink['set'] = {}, ...open: string[]): PoseLink => ({ model, set, open })
/** A pose that a repeat goes to from the easy end. */
export const moving = (from: PoseLink['set'], link: PoseLink): PoseLink => ({ ...link, from })
/** A pose whose moment stays the same while something moves. */
export const steady = (reason: string, link: PoseLink): PoseLink => ({ ...link, steady: reason })
/** No pose, for a reason. */
export const none = (reason: string): NoPose => ({ none: reason })

export const BREATH = 'Breath and muscle pressure only: nothing outside turns the trunk.'
export const MOBILITY = 'A mobility drill: its point is range, not the moment it is held against.'
export const BALLISTIC = 'Fast: forces come from acceleration, which a held pose does not tell.'
export const LIFTED = 'The moment comes and goes with the hand or foot that leaves the floor.'
export const HELD_OUT = 'The arms stay out: the pull is the same all the way.'
export const TOP = 'The hips come up from the floor, where nothing is asked: the top is what counts.'
export const PRESSED = 'What turns and bends is the weight over the shoulder, all the way up.'
export const AT_THE_HIP = 'The moment at the hip is what counts here; at the trunk there is none to speak of.'
