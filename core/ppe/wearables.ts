import type { GarmentFactId, GarmentId, MaterialId } from '../ids/garment-ids'
import type { SizedId, WearableId } from '../ids/wearable-ids'
import { WEARABLES } from '../ids/wearable-ids'
import type { ZoneId } from '../ids/vocabulary'
import type { WornGarment } from './judge-garments'

/** A garment as it is told at the door: what it was taken for, and the loan that it came from. */
export interface ToldGarment extends WornGarment {
  readonly like?: WearableId
  readonly loanId?: string
}

/** What somebody has on, as somebody saw it at an instant; it speaks until the shop day ends. */
export interface ToldOutfit { readonly worn: readonly ToldGarment[] }

type Made = Readonly<Partial<Record<MaterialId, number>>>
type Answers = Readonly<Partial<Record<GarmentFactId, boolean>>>
type Part = Pick<WornGarment, 'zone' | 'item' | 'materials' | 'facts'>
const part = (zone: ZoneId, item: GarmentId, materials?: Made, facts?: Answers): Part => ({
  zone,
  item,
  ...materials ? { materials } : {},
  ...facts ? { facts } : {},
})

const COTTON: Made = { cotton: 100 }
const TREATED: Made = { 'flame-resistant': 100 }
const LEATHER: Made = { leather: 100 }
/** What a label of its kind ordinarily says; whoever reads another tells it. */
const STRETCH: Made = { polyester: 90, elastane: 10 }
const jacket = (materials: Made): readonly Part[] => [
  part('arms', 'jacket', materials, { 'long-sleeves': true }),
  part('torso', 'jacket', materials, { closed: true }),
]
const coverall = (materials: Made): readonly Part[] => [
  part('arms', 'coverall', materials, { 'long-sleeves': true }),
  part('torso', 'coverall', materials, { closed: true }),
  part('lap', 'coverall', materials, { 'covers-lap': true }),
  part('legs', 'coverall', materials, { 'full-length': true }),
]

/**
 * What each thing is taken to be made of and like, unless somebody says otherwise: what one sees and what its label ordinarily says.
 * Common practice, no source. What cannot be seen, a safety toe, is not said.
 */
const PARTS: Readonly<Record<WearableId, readonly Part[]>> = {
  'cap-cotton': [part('hair-head', 'cap', COTTON, { 'hair-covered': true })],
  'hood-treated': [part('hair-head', 'hood', TREATED, { 'hair-covered': true })],
  'bare-tied': [part('hair-head', 'bare-head', undefined, { 'hair-tied': true })],
  'bare-loose': [part('hair-head', 'bare-head', undefined, { 'hair-tied': false })],
  'plugs': [part('ears', 'ear-plugs')],
  'muffs': [part('ears', 'ear-muffs')],
  'plugs-and-muffs': [part('ears', 'ear-plugs'), part('ears', 'ear-muffs')],
  'glasses-clear': [part('eyes', 'safety-glasses', undefined, { 'impact-rated': true, 'side-shields': true, 'clear': true })],
  'glasses-tinted': [part('eyes', 'safety-glasses', undefined, { 'impact-rated': true, 'side-shields': true, 'clear': false })],
  'glasses-own': [part('eyes', 'safety-glasses', undefined, { 'impact-rated': false, 'side-shields': false, 'clear': true })],
  'goggles-flame': [part('eyes', 'flame-goggles')],
  'eyewear-laser': [part('eyes', 'laser-eyewear')],
  'helmet': [part('face', 'welding-helmet')],
  'face-shield': [part('face', 'face-shield')],
  'helmet-laser': [part('face', 'laser-helmet')],
  'collar-closed': [part('neck', 'collar', COTTON, { closed: true })],
  'collar-open': [part('neck', 'collar', COTTON, { closed: false })],
  'cape-treated': [part('neck', 'neck-cape', TREATED, { closed: true })],
  'cape-leather': [part('neck', 'neck-cape', LEATHER, { closed: true })],
  'mask': [part('lungs', 'respirator')],
  'air-line': [part('lungs', 'supplied-air')],
  'gloves-thin': [part('hands', 'tig-gloves', LEATHER, { 'gauntlet-cuff': true })],
  'gloves-lined': [part('hands', 'welding-gloves', LEATHER, { 'gauntlet-cuff': true, 'lined': true })],
  'gloves-work': [part('hands', 'leather-work-gloves', LEATHER, { 'gauntlet-cuff': false, 'lined': false })],
  'gloves-mechanics': [part('hands', 'mechanics-gloves', { polyester: 60, nylon: 30, leather: 10 })],
  'bare-hands': [part('hands', 'bare-hands')],
  'sleeves-leather': [part('arms', 'sleeves', LEATHER, { 'long-sleeves': true })],
  'sleeves-treated': [part('arms', 'sleeves', TREATED, { 'long-sleeves': true })],
  'sleeves-rolled-up': [part('arms', 'shirt', COTTON, { 'long-sleeves': false })],
  'jacket-cotton': jacket(COTTON),
  'jacket-treated': jacket(TREATED),
  'jacket-leather': jacket(LEATHER),
  'coverall-cotton': coverall(COTTON),
  'coverall-treated': coverall(TREATED),
  'shirt-cotton': [
    part('arms', 'shirt', COTTON, { 'long-sleeves': true }),
    part('torso', 'shirt', COTTON, { closed: true }),
  ],
  'top-synthetic': [
    part('arms', 'shirt', { polyester: 65, cotton: 35 }, { 'long-sleeves': true }),
    part('torso', 'shirt', { polyester: 65, cotton: 35 }, { closed: true }),
  ],
  't-shirt': [
    part('arms', 't-shirt', COTTON, { 'long-sleeves': false }),
    part('torso', 't-shirt', COTTON),
  ],
  'under-cotton': [part('torso', 'base-layer', COTTON)],
  'under-synthetic': [part('torso', 'base-layer', STRETCH)],
  'apron-leather': [part('lap', 'apron', LEATHER, { 'covers-lap': true })],
  'lap-by-jacket': [part('lap', 'jacket', undefined, { 'covers-lap': true })],
  'lap-bare': [part('lap', 'shirt', COTTON, { 'covers-lap': false })],
  'jeans': [part('legs', 'trousers', { denim: 100 }, { 'full-length': true })],
  'trousers-cotton': [part('legs', 'trousers', COTTON, { 'full-length': true })],
  'trousers-treated': [part('legs', 'trousers', TREATED, { 'full-length': true })],
  'leggings-leather': [part('legs', 'leggings', LEATHER, { 'full-length': true })],
  'trousers-synthetic': [part('legs', 'trousers', { polyester: 100 }, { 'full-length': true })],
  'shorts': [part('legs', 'shorts', COTTON, { 'full-length': false })],
  'boots-covered': [part('feet', 'boots', LEATHER, { 'above-ankle': true, 'laces-covered': true })],
  'boots-toe': [part('feet', 'boots', LEATHER, { 'above-ankle': true, 'laces-covered': true, 'safety-toe': true })],
  'boots-open': [part('feet', 'boots', LEATHER, { 'above-ankle': true, 'laces-covered': false })],
  'shoes-leather': [part('feet', 'shoes', LEATHER, { 'above-ankle': false, 'laces-covered': true })],
  'trainers': [part('feet', 'shoes', { polyester: 80, nylon: 20 }, { 'above-ankle': false, 'laces-covered': false })],
  'pockets-empty': [part('pockets', 'pockets', undefined, { 'closed': true, 'no-lighter': true, 'no-jewellery': true })],
  'pockets-full': [part('pockets', 'pockets', undefined, { 'closed': true, 'no-lighter': false, 'no-jewellery': true })],
}

/** What is worn under something else: another one takes its place, and nothing above it does. */
const isUnderneath = ({ item }: Pick<WornGarment, 'item'>): boolean => item === 'base-layer'

/** Where a thing is worn, first where it is looked for. */
export const zonesOf = (wearable: WearableId): readonly ZoneId[] => PARTS[wearable].map(({ zone }) => zone)

/** Where a thing is offered: a jacket at the chest, not at the sleeves that come with it. */
const HOME: Readonly<Partial<Record<GarmentId, ZoneId>>> = { 'jacket': 'torso', 'coverall': 'torso', 'shirt': 'torso', 't-shirt': 'torso' }
const homeOf = (wearable: WearableId): ZoneId => {
  const first = PARTS[wearable][0]!
  const home = HOME[first.item]
  return home !== undefined && zonesOf(wearable).includes(home) ? home : first.zone
}
const SIZED_AT: Readonly<Partial<Record<ZoneId, SizedId>>> = {
  'hair-head': 'head', 'neck': 'body', 'arms': 'body', 'torso': 'body', 'lap': 'body', 'hands': 'hands', 'legs': 'legs', 'feet': 'feet',
}
/** Whose size a thing is bought by; null for what has none, or one for everybody. */
export const sizedAs = (wearable: WearableId): SizedId | null => SIZED_AT[homeOf(wearable)] ?? null

/** What may be told of a zone, in the order in which it is offered where nothing is known of anybody. */
export const wearablesAt = (zone: ZoneId): readonly WearableId[] => WEARABLES.filter(wearable => homeOf(wearable) === zone)

/**
 * What somebody has on once they have a thing on: it takes the place of what was told of its zones, and of what is worn under it nothing.
 * A jacket that covers the lap is the jacket that is worn.
 *
 * @param more what was said besides: the loan it came from, a condition, other cloth
 */
export function wear(
  worn: readonly ToldGarment[],
  wearable: WearableId,
  more: Partial<Pick<ToldGarment, 'loanId' | 'condition' | 'nrrDb'>> = {},
): readonly ToldGarment[] {
  const { nrrDb: _label, ...rest } = more
  const over = worn.find(({ zone, item }) => zone === 'torso' && (item === 'jacket' || item === 'coverall'))
  const put = PARTS[wearable].map((one): ToldGarment => ({
    condition: [],
    ...one,
    ...wearable === 'lap-by-jacket' && over?.materials ? { materials: over.materials } : {},
    like: wearable,
    ...rest,
    // One label read says nothing of the other of two that are worn at once.
    ...PARTS[wearable].length === 1 ? labelOf(more) : {},
  }))
  const zones = zonesOf(wearable)
  const isOver = !isUnderneath(put[0]!)
  // A lap that a jacket covered is told anew once another thing is worn in its place.
  const isOfTheOldJacket = ({ like }: ToldGarment): boolean => like === 'lap-by-jacket' && isOver && zones.includes('torso')
  const isReplaced = (one: ToldGarment): boolean =>
    isOfTheOldJacket(one) || (zones.includes(one.zone) && isUnderneath(one) === !isOver)
  return [...worn.filter(one => !isReplaced(one)), ...put]
}

/** What the label of a protector says, where somebody read it. */
export const labelOf = ({ nrrDb }: Pick<WornGarment, 'nrrDb'>): Pick<WornGarment, 'nrrDb'> => nrrDb === undefined ? {} : { nrrDb }

/** What is asked anew of everybody each day, whatever they usually wear: hair, pockets, jewellery. */
export const ASKED_DAILY: readonly ZoneId[] = ['hair-head', 'pockets']

/**
 * What somebody usually wears, from what they last had on: whole again, nothing of it lent, and without what is asked anew each day.
 * Nothing where nothing was ever told.
 */
export const usualOf = (last: ToldOutfit | null): readonly ToldGarment[] =>
  (last?.worn ?? [])
    .filter(({ zone, loanId }) => !ASKED_DAILY.includes(zone) && loanId === undefined)
    .map(garment => ({ ...garment, condition: [] }))

/** What somebody had on their head when they were last seen: offered first when it is asked again. */
export const headOf = (last: ToldOutfit | null): WearableId =>
  last?.worn.find(({ zone, like }) => zone === 'hair-head' && like !== undefined && like !== 'bare-loose')?.like ?? 'cap-cotton'

/**
 * What may be told of a zone, the likely first: what this person last wore, then what most of their class wore, then as it is offered.
 */
export function likelyAt(zone: ZoneId, own: ToldOutfit | null, others: readonly (ToldOutfit | null)[]): readonly WearableId[] {
  const countIn = (outfits: readonly (ToldOutfit | null)[]) => {
    const counts = new Map<WearableId, number>()
    for (const outfit of outfits)
      for (const like of new Set(outfit?.worn.flatMap(one => one.like ?? []) ?? [])) counts.set(like, (counts.get(like) ?? 0) + 1)
    return counts
  }
  const [mine, theirs] = [countIn([own]), countIn(others)]
  const by = (counts: ReadonlyMap<WearableId, number>) => (a: WearableId, b: WearableId): number =>
    (counts.get(b) ?? 0) - (counts.get(a) ?? 0)
  return [...wearablesAt(zone)].sort((a, b) => by(mine)(a, b) || by(theirs)(a, b))
}
