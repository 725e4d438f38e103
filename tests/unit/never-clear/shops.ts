import type { GateId } from '#core/ids/vocabulary'
import type { Word } from '#core/clearance/gate'
import { judgeSite } from '#core/site-facts/judge-site'
import type { SiteAsTold, Told } from '#core/site-facts/told-site'
import { factsFromTold } from '#core/site-facts/told-site'
import { twoBayShop } from '../../../demo/two-bay-shop'

/** A shop in which both bays are clear to strike, a permit among them, and nothing is left out. */
export const CLEAR_SHOP: SiteAsTold = twoBayShop(true)

export interface Read {
  readonly word: Word
  readonly gates: Readonly<Record<string, string>>
  readonly codes: Readonly<Record<string, readonly string[]>>
  readonly first: string | null
}

/** Each bay as it reads: its word, its gates, and the first reason. */
export function readShop(shop: SiteAsTold): Readonly<Record<string, Read>> {
  const { facts } = factsFromTold(shop)
  return Object.fromEntries(
    judgeSite(facts).map(({ bay, verdict }) => [
      bay.bayId,
      {
        word: verdict.word,
        gates: Object.fromEntries(verdict.gates.map(({ gate, state }) => [gate, state])),
        codes: Object.fromEntries(verdict.gates.map(({ gate, findings }) => [gate, findings.map(({ code }) => code)])),
        first: verdict.reason?.code ?? null,
      },
    ]),
  )
}

const isOpen = (state: string | undefined): boolean => state === 'open' || state === 'not-needed'

/** Which gates opened, and which bays became clear, from one reading to another. */
export function opened(before: Readonly<Record<string, Read>>, after: Readonly<Record<string, Read>>): readonly string[] {
  return Object.entries(after).flatMap(([bayId, { word, gates }]) => {
    const was = before[bayId]
    if (!was) return []
    const opening = Object.keys(gates)
      .filter(gate => isOpen(gates[gate]) && !isOpen(was.gates[gate]))
      .map(gate => `${bayId} ${gate}`)
    return word === 'clear-to-strike' && was.word !== 'clear-to-strike' ? [...opening, `${bayId} clear`] : opening
  })
}

/** The shop without what was told at these places. */
export const without = (shop: SiteAsTold, ...indexes: readonly number[]): SiteAsTold => ({
  ...shop,
  told: shop.told.filter((_, index) => !indexes.includes(index)),
})

/** The shop with more told at the end, in the order given. */
export const andThen = (shop: SiteAsTold, ...more: readonly Told[]): SiteAsTold => ({ ...shop, told: [...shop.told, ...more] })

/** The shop with one thing told otherwise, the first that fits. */
export function otherwise(shop: SiteAsTold, fits: (told: Told) => boolean, change: (told: Told) => Told): SiteAsTold {
  const index = shop.told.findIndex(fits)
  if (index < 0) throw new Error('nothing was told that fits')
  return { ...shop, told: shop.told.map((one, i) => (i === index ? change(one) : one)) }
}

export const is
  = (type: Told['type'], stream?: string) =>
    (told: Told): boolean =>
      told.type === type && (stream === undefined || told.stream === stream)
export type { GateId }
