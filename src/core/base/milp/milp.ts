/**
 * A linear problem, some of whose variables are whole numbers: minimise the cost of the variables, with every row between
 * its limits. Core states such problems; who solves them is passed in.
 */
export interface Milp {
  readonly variables: readonly MilpVariable[]
  readonly rows: readonly MilpRow[]
}

export interface MilpVariable {
  readonly cost: number
  readonly lower: number
  readonly upper: number
  readonly whole: boolean
}

export interface MilpRow {
  readonly lower: number
  readonly upper: number
  /** variable by its place, with its coefficient; each variable once */
  readonly terms: readonly (readonly [variable: number, coefficient: number])[]
}

export interface MilpProgress {
  /** best answer so far; Infinity before there is one */
  readonly best: number
  /** no answer can be below this */
  readonly bound: number
  readonly seconds: number
}

export interface MilpRun {
  readonly timeLimitS: number
  /** an answer to begin with: a value for every variable */
  readonly start?: readonly number[] | undefined
  readonly onProgress?: ((progress: MilpProgress) => void) | undefined
}

export type MilpAnswer =
  | { readonly status: 'solved'; readonly value: number; readonly bound: number; readonly values: readonly number[] }
  | { readonly status: 'infeasible' }
  | { readonly status: 'nothing-found'; readonly bound: number }

/** Solves a problem within a time. `solved` has its bound: where it is below the value, the answer is not proven best. */
export type MilpSolver = (problem: Milp, run: MilpRun) => MilpAnswer

export const yesNo = (cost: number): MilpVariable => ({ cost, lower: 0, upper: 1, whole: true })
