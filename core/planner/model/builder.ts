import type { Column } from '../columns'

/** A linear program in plain arrays, rows in compressed form. Minimised. */
export interface LinearModel {
  readonly cost: number[]
  readonly lower: number[]
  readonly upper: number[]
  readonly integer: boolean[]
  readonly rows: {
    readonly family: string
    readonly lower: number
    readonly upper: number
    readonly index: number[]
    readonly value: number[]
  }[]
}

/** Families of hard rules that can be to blame, in words. */
export const RULE_FAMILIES = {
  minutes: 'the minutes', items: 'the number of items', fatigue: 'the fatigue allowed before the heavy lift',
  spineCost: 'the spine cost of the week', cycles: 'the bending cycles of the week',
  rest: 'the rest between high doses', distinct: 'the number of different drills',
  appearances: 'how often a drill may come', group: 'one rung of a ladder in a session',
} as const
export type RuleFamily = keyof typeof RULE_FAMILIES

/** A variable's number and its factor. */
export type Entry = readonly [variable: number, factor: number]

/** Columns with a factor each; those of factor zero do nothing. */
export const entriesOf = (columns: readonly Column[], factor: (column: Column) => number = () => 1): Entry[] =>
  columns.map(column => [column.index, factor(column)])

/** A model that grows variable by variable and row by row; its first variables are the columns. */
export class ModelBuilder {
  readonly model: LinearModel = { cost: [], lower: [], upper: [], integer: [], rows: [] }
  /** Slack of each elastic want, by its name, as "short/AE". */
  readonly slacks = new Map<string, number>()

  constructor(private readonly columns: readonly Column[]) {
    for (const column of columns) this.chosen(column.fixed)
  }

  private variable(cost: number, upper: number, integer: boolean, lower = 0): number {
    const { model } = this
    model.lower.push(lower)
    model.upper.push(upper)
    model.integer.push(integer)
    return model.cost.push(cost) - 1
  }

  /** A decision of yes or no; one that is fixed is yes. */
  chosen(fixed = false): number {
    return this.variable(0, 1, true, fixed ? 1 : 0)
  }

  /** A share from 0 to 1. */
  share(): number {
    return this.variable(0, 1, false)
  }

  slack(want: string, of: string, cost: number): number {
    const index = this.variable(cost, Infinity, false)
    this.slacks.set(`${want}/${of}`, index)
    return index
  }

  row(family: string, lower: number, upper: number, entries: readonly Entry[]): void {
    const kept = entries.filter(([, v]) => v !== 0)
    this.model.rows.push({ family, lower, upper, index: kept.map(e => e[0]), value: kept.map(e => e[1]) })
  }

  /** Nothing above `most`, or above what is locked already. */
  atMost(family: RuleFamily | 'once', entries: readonly Entry[], most: number | undefined): void {
    if (most === undefined || entries.length === 0) return
    const locked = entries.reduce((sum, [i, v]) => sum + (this.columns[i]?.fixed ? v : 0), 0)
    this.row(family, -Infinity, Math.max(most, locked), entries)
  }
}
