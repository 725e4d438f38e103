/** What an extinguisher is printed to put out. */
export interface ExtinguisherRating {
  /** Whose print it is: `4-A:60-B:C` is American, `43A 233B C` European. The numbers of one say nothing in the other. */
  readonly family: 'us' | 'eu'
  /** Size for wood, paper and cloth; 0 where none is printed. */
  readonly a: number
  /** Size for burning liquids. */
  readonly b: number
  /** American C: energised electrical things. European C: burning gas. */
  readonly c: boolean
  /** Burning metal. */
  readonly d: boolean
}

/** Longer than this is no rating. */
const LONGEST = 40
const SIZED = /^(\d{1,3})(-?)([AB])$/

/**
 * Reads the rating as it is printed; null where it cannot be read for sure: a guess would be a fire.
 *
 * @example readRating('4-A:60-B:C') // { family: 'us', a: 4, b: 60, c: true, d: false }
 * @example readRating('43A 233B C') // { family: 'eu', a: 43, b: 233, c: true, d: false }
 */
export function readRating(printed: string): ExtinguisherRating | null {
  if (printed.length > LONGEST) return null
  const tokens = printed.toUpperCase().split(/[:,;/\s]/).filter(Boolean)
  let [a, b, c, d] = [0, 0, false, false]
  const families = new Set<ExtinguisherRating['family']>()
  for (const token of tokens) {
    const sized = SIZED.exec(token)
    if (sized) {
      families.add(sized[2] === '-' ? 'us' : 'eu')
      if (sized[3] === 'A') a = Number(sized[1])
      else b = Number(sized[1])
    } else if (token === 'C') c = true
    else if (token === 'D') d = true
    else if (token !== 'K' && !/^\d{1,3}F$/.test(token) && token !== 'F') return null
  }
  if (families.size > 1 || (families.size === 0 && !d)) return null
  return { family: [...families][0] ?? 'us', a, b, c, d }
}
