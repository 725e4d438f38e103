/** The colours that steel takes as it is tempered, from the coolest on: how much of a limit is used. */
export const TEMPER = { straw: '#e9d9a0', gold: '#d0a23c', bronze: '#a0622d', purple: '#6d3f7a', blue: '#27304f' } as const
export type Tint = keyof typeof TEMPER

/** Where the last colour begins, in limits. */
export const TEMPER_END = 1.5

/**
 * The colour of a share of a limit.
 *
 * @param action share at which the site acts
 */
export const tintOf = (fraction: number, action: number): Tint =>
  fraction <= action / 2 ? 'straw' : fraction <= action ? 'gold' : fraction <= 1 ? 'bronze' : fraction <= TEMPER_END ? 'purple' : 'blue'

/** What is written on a colour: dark on the light ones. */
export const onTint = (tint: Tint): string => tint === 'straw' || tint === 'gold' ? '#1b2225' : '#f6f4ee'
