import type { DrawSet } from '../chance/draw-set'
import type { MadeOf } from './emission'

/**
 * What is made, mg/min, draw by draw.
 *
 * @param place what is doubted of one place alone belongs to it
 */
export function drawnEmission(parts: MadeOf, place: string, draws: DrawSet): Float64Array {
  const made = new Float64Array(draws.count)
  for (const part of parts) {
    const product = new Float64Array(draws.count).fill(1)
    for (const { range, doubt, of } of part) {
      const values = draws.harmful(range, { doubt, of: of ?? place })
      for (let n = 0; n < product.length; n++) product[n]! *= values[n]!
    }
    for (let n = 0; n < made.length; n++) made[n]! += product[n]!
  }
  return made
}
