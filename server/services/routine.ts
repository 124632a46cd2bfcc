import type { Catalogue } from '~~/core/catalogue'
import { coolDownFor, warmUpFor, type PlannedSession, type PlanningContext } from '~~/core/programme'
import { mayTrain, type Screen } from '~~/core/screening'
import type { DrillOption, PrescribedItem, Routine, RoutineLine } from '~~/shared/types'

/** Circuits, warm-up and cool-down of a session as they are frozen. */
export function routineOf(session: PlannedSession, planning: PlanningContext): Routine {
  const { circuits = [], warmUpMinutes = 0, coolDownMinutes = 0 } = session
  return {
    ...(circuits.length > 0 ? { circuits } : {}),
    ...(warmUpMinutes > 0 ? { warmUp: inTime(warmUpMinutes, warmUpFor(session, planning)) } : {}),
    ...(coolDownMinutes > 0 ? { coolDown: inTime(coolDownMinutes, coolDownFor()) } : {}),
  }
}

/** Lines that share some minutes evenly. */
function inTime(minutes: number, lines: readonly Omit<RoutineLine, 'seconds'>[]): RoutineLine[] {
  return lines.map(line => ({ ...line, seconds: Math.round(minutes * 60 / lines.length) }))
}

/** Whether a drill may be trained in the way of an item on a day. */
type May = (variationId: string, item: Pick<PrescribedItem, 'dose' | 'breath'>) => boolean

export const mayBy = (screen: Screen): May => (variationId, { dose, breath }) =>
  mayTrain({ variationId, dose, breath }, screen).stops.length === 0

/** What a line of a warm-up is done as: a few repeats, breathing through. */
const AS_LINE = { dose: { sets: 1, amount: 5, unit: 'reps', restS: 0 }, breath: 'exhaleOnEffort' } as const

/** A frozen routine without what may not be trained today; its minutes stay. */
export function routineToday({ circuits, warmUp, coolDown }: Routine, may: May): Routine {
  const open = (lines: readonly RoutineLine[]): RoutineLine[] => {
    const kept = lines.filter(({ variationId }) => variationId === null || may(variationId, AS_LINE))
    return inTime(lines.reduce((sum, { seconds }) => sum + seconds, 0) / 60, kept)
  }
  return {
    ...(circuits ? { circuits } : {}),
    ...(warmUp ? { warmUp: open(warmUp) } : {}), ...(coolDown ? { coolDown: open(coolDown) } : {}),
  }
}

/** What may be done in each set of a station, what is asked first; the drill itself where nothing else may. */
export function optionsOf(item: PrescribedItem, catalogue: Catalogue, may: May): DrillOption[][] {
  const { rounds = [], variationId, name } = item
  const open = (id: string | null): DrillOption[] => {
    const drill = id === null ? undefined : catalogue.find(id)
    return drill && may(drill.id, item) ? [{ variationId: drill.id, name: drill.name }] : []
  }
  const own = [{ variationId, name }]
  return [own, ...rounds.map((round) => {
    const all = [...open(round.variationId), ...open(round.fallbackId)]
    return all.length > 0 ? all : own
  })]
}

/** What the later sets of a station are, in words: sets that are alike as one. */
export function laterSetsText(options: readonly (readonly DrillOption[])[]): string[] {
  const texts = options.map(([asked, fallback]) =>
    `${asked!.name}${fallback ? `; if it does not go, ${fallback.name}` : ''}.`)
  return texts.flatMap((text, i) => {
    if (i === 0 || text === texts[i - 1]) return []
    const end = texts.findIndex((other, j) => j > i && other !== text)
    const last = end < 0 ? texts.length : end
    return [`Set ${i + 1}${last > i + 1 ? ` to ${last}` : ''}: ${text}`]
  })
}
