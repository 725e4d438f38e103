import { createRequire } from 'node:module'

/**
 * An independent integrator (odex, Gragg-Bulirsch-Stoer). Its package ships sources that strict compilers refuse, so its types are named
 * here.
 */
interface IntegratorSolver {
  absoluteTolerance: number
  relativeTolerance: number
  denseOutput: boolean
  maxSteps: number
  solve(
    f: (x: number, y: number[]) => number[],
    x0: number,
    y0: readonly number[],
    x1: number,
  ): { readonly y: number[], readonly nEval: number }
}
export const { Solver } = createRequire(import.meta.url)('odex') as { Solver: new (n: number) => IntegratorSolver }
