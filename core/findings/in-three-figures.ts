import type { Finding } from './finding'

/** Numbers in the record to three figures: they were compared unrounded, and a hair's change is no news. */
export const inThreeFigures = (said: Finding): Finding => ({
  ...said,
  values: Object.fromEntries(
    Object.entries(said.values).map(([key, value]) => [key, typeof value === 'number' ? Number(value.toPrecision(3)) : value]),
  ) as never,
})
