import type { Highs } from 'highs'
import type { Milp, MilpSolver } from '@/core/base/milp/milp'

/**
 * The reduction that is left out of HiGHS's presolve, by its bit: it makes some problems smaller than they are, and then calls a
 * worse answer best. `highsSolver.test.ts` holds two of them.
 */
const UNSOUND_REDUCTION = 1 << 16

/** HiGHS as the solver that core asks for. Solving blocks its thread: in the browser it belongs in a worker. */
export function highsSolver(highs: Highs): MilpSolver {
  const { modelStatus, variableType, callbackType } = highs.constants
  return (problem, { timeLimitS, start, onProgress }) =>
    highs.withModel(modelData(problem, variableType), (model) => {
      model.options.set('output_flag', false)
      model.options.set('time_limit', timeLimitS)
      model.options.set('mip_rel_gap', 1e-6)
      model.options.set('presolve_rule_off', UNSOUND_REDUCTION)
      if (start) model.setSolution({ colValue: [...start] })
      const { modelStatus: status } = model.run(
        onProgress && {
          [callbackType.mipLogging]: ({ data }) => {
            onProgress({
              best: finite(data.mip_primal_bound, Infinity),
              bound: finite(data.mip_dual_bound, -Infinity),
              seconds: data.running_time ?? 0,
            })
            return undefined
          },
        },
      )
      if (status === modelStatus.infeasible) return { status: 'infeasible' } as const
      const bound = Number(model.info.get('mip_dual_bound'))
      const found = Number(model.info.get('primal_solution_status')) === highs.constants.solutionStatus.feasible
      if (!found) return { status: 'nothing-found', bound } as const
      const values = [...model.getSolution().colValue]
      const value = problem.variables.reduce((sum, one, i) => sum + one.cost * (values[i] ?? 0), 0)
      return {
        status: 'solved',
        value,
        bound: status === modelStatus.optimal ? value : Math.min(bound, value),
        values,
      } as const
    })
}

const finite = (value: number | undefined, otherwise: number): number =>
  value !== undefined && Math.abs(value) < 1e20 ? value : otherwise

function modelData({ variables, rows }: Milp, types: Highs['constants']['variableType']) {
  const starts = [0]
  const indices: number[] = []
  const values: number[] = []
  for (const row of rows) {
    for (const [variable, coefficient] of row.terms) {
      indices.push(variable)
      values.push(coefficient)
    }
    starts.push(indices.length)
  }
  return {
    numCols: variables.length,
    numRows: rows.length,
    colCost: variables.map((one) => one.cost),
    colLower: variables.map((one) => one.lower),
    colUpper: variables.map((one) => one.upper),
    rowLower: rows.map((row) => row.lower),
    rowUpper: rows.map((row) => row.upper),
    matrix: { format: 'csr' as const, numRows: rows.length, numCols: variables.length, starts, indices, values },
    integrality: variables.map((one) => (one.whole ? types.integer : types.continuous)),
  }
}
