import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import { sizedAs } from '../../ppe/wearables'
import type { Sizes } from '../../shade/care'
import type { WearableId } from '../../ids/wearable-ids'

/** Clothes of the shop of one kind and size. Who has one of them is written down with the person. */
export interface StockLine {
  readonly lineId: string
  readonly wearable: WearableId
  /** As it is written in it. */
  readonly size: string
  /** What the label of a hearing protector takes away, dB; left out, nobody read it. */
  readonly nrrDb?: number
  /** How many the shop has, lent ones among them. */
  readonly count: number
}

/** The shop's own clothes. */
export interface Wardrobe { readonly lines: readonly StockLine[] }
export const EMPTY_WARDROBE: Wardrobe = { lines: [] }

export interface WardrobeCommands {
  /** What the shop has of a kind and size, as it was counted; none left takes the line away. */
  'wardrobe.count': StockLine
}
export type WardrobeCommand = { readonly type: 'wardrobe.count', readonly payload: StockLine }
export type WardrobeEvent = { readonly type: 'clothes-counted', readonly version: 1, readonly payload: StockLine }

export function evolveWardrobe({ lines }: Wardrobe, { payload }: WardrobeEvent): Wardrobe {
  const at = lines.findIndex(({ lineId }) => lineId === payload.lineId)
  if (payload.count === 0) return { lines: lines.filter(({ lineId }) => lineId !== payload.lineId) }
  return { lines: at < 0 ? [...lines, payload] : lines.with(at, payload) }
}

const sameSize = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase()

/** Decides a count: a kind and size stands once. */
export function decideWardrobe({ lines }: Wardrobe, { payload }: WardrobeCommand): Decision<WardrobeEvent> {
  const { lineId, wearable, size, count } = payload
  const known = lines.find(one => one.lineId === lineId)
  if (!known && count === 0) return { events: [] }
  return lines.some(one => one.lineId !== lineId && one.wearable === wearable && sameSize(one.size, size))
    ? { refused: [finding('hold', 'command.name-taken', { name: size })] }
    : { events: [{ type: 'clothes-counted', version: 1, payload }] }
}

/** Something lent, as far as counting goes. */
interface Lent { readonly wearable: WearableId, readonly size: string }

/** How a thing of the shop fits somebody, as far as its size says: an untold size may be theirs. */
export type Fit = 'theirs' | 'untold' | 'another'
/** What may be lent somebody, with how it fits. */
export interface Lendable {
  readonly line: StockLine
  readonly fit: Fit
}

function fitOf({ wearable, size }: StockLine, sizes: Sizes): Fit {
  const at = sizedAs(wearable)
  const theirs = at === null ? undefined : sizes[at]
  if (theirs === undefined || size.trim() === '') return 'untold'
  return sameSize(size, theirs) ? 'theirs' : 'another'
}

const FITS: readonly Fit[] = ['theirs', 'untold', 'another']
/** What may be lent somebody: in their own size first, in another last, each as it was counted. */
export const fitting = (lines: readonly StockLine[], sizes: Sizes): readonly Lendable[] =>
  lines
    .map(line => ({ line, fit: fitOf(line, sizes) }))
    .sort((a, b) => FITS.indexOf(a.fit) - FITS.indexOf(b.fit))

/** How many of a line are there to be lent, none where more were lent than anybody counted. */
export const leftOf = (line: StockLine, lent: readonly Lent[]): number =>
  Math.max(0, line.count - lent.filter(one => one.wearable === line.wearable && sameSize(one.size, line.size)).length)
