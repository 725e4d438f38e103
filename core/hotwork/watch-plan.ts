import type { HotWorkPlace } from './hot-work-class'

/** How a site watches after hot work. The packs are schools; a site takes one or sets its own numbers. */
export interface WatchRule { readonly afterMin: number, readonly monitoringMin: number }

/** Schools of watch and monitoring, minutes. Source: `usWatch`, `consensusWatch`, `insurerMonitoring`; national practice from memory. */
export const WATCH_SCHOOLS = {
  'us-30': { afterMin: 30, monitoringMin: 0 },
  'consensus-60': { afterMin: 60, monitoringMin: 0 },
  'insurer-60-180': { afterMin: 60, monitoringMin: 180 },
  'uk-60-60': { afterMin: 60, monitoringMin: 60 },
  'canada-60-240': { afterMin: 60, monitoringMin: 240 },
  'france-120': { afterMin: 120, monitoringMin: 0 },
} as const satisfies Record<string, WatchRule>
export type WatchSchoolId = keyof typeof WATCH_SCHOOLS

/** No watch after work is shorter than this under any law known here, min. Source: `usWatch`. */
export const LAW_WATCH_MIN = 30

/** Two permits' or two schools' watch on one job: the longer of each part. */
export const longerWatch = (a: WatchRule, b: WatchRule): WatchRule => ({
  afterMin: Math.max(a.afterMin, b.afterMin),
  monitoringMin: Math.max(a.monitoringMin, b.monitoringMin),
})

/**
 * How many watchers: one, one more for the other side (also while nobody looked there), one for each level that sparks reach through
 * openings, one for
 * each part that one watcher neither sees nor reaches. Source: `consensusWatchers`.
 * @example watchersNeeded({ designated: false, otherSide: true, openLevels: 1, hiddenParts: 0 }) // 3
 */
export const watchersNeeded = ({ otherSide, openLevels, hiddenParts }: HotWorkPlace): number =>
  1 + (otherSide === false ? 0 : 1) + (openLevels ?? 0) + (hiddenParts ?? 0)
