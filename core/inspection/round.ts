import type { Place } from '../streams/place/place'
import type { Site } from '../streams/site/site'
import { EQUIPMENT_KINDS } from '../ids/vocabulary'
import type { CheckList } from './check-list'
import type { KitItem } from '../streams/kit-item/kit-item'
import { judgeKitItem } from './judge-kit-item'

/** Where a round leads. */
export interface RoundSite {
  readonly site: Pick<Site, 'bays' | 'areas' | 'halls'>
  readonly places: readonly (Pick<Place, 'name' | 'level' | 'xM' | 'yM'> & { readonly placeId: string })[]
  /** At which bay somebody stands today, by person. */
  readonly standsAt: ReadonlyMap<string, string>
  readonly names: ReadonlyMap<string, string>
}

/** One place on the way, with what is looked at there. */
export interface RoundStop<Thing> { readonly where: string, readonly bayId: string | null, readonly items: readonly Thing[] }

/**
 * Things in walking order: hall by hall and bay by bay as the site was set up, what somebody at a bay wears with that bay;
 * then the places, storey by storey and along the grid; then what people carry who stand nowhere. At each stop machines
 * before small things, then by tag.
 */
export function walkingOrder<Thing extends { readonly tagId: string, readonly item: KitItem }>(
  things: readonly Thing[],
  { site, places, standsAt, names }: RoundSite,
): readonly RoundStop<Thing>[] {
  const stopOf = ({ item: { assignment } }: Thing): string => {
    if (assignment === null) return ''
    if (assignment.to === 'person') return standsAt.has(assignment.id) ? `bay ${standsAt.get(assignment.id)!}` : `person ${assignment.id}`
    return `${assignment.to} ${assignment.id}`
  }
  const byHall = site.halls
    .flatMap(({ hallId }) => site.areas.filter(area => area.hallId === hallId))
    .flatMap(({ areaId }) => site.bays.filter(bay => bay.areaId === areaId && !bay.closed))
  const inOrder: readonly { readonly key: string, readonly where: string, readonly bayId: string | null }[] = [
    ...byHall.map(({ bayId, label }) => ({ key: `bay ${bayId}`, where: `Bay ${label}`, bayId })),
    ...[...places]
      .sort((a, b) => a.level - b.level || a.yM - b.yM || a.xM - b.xM)
      .map(({ placeId, name }) => ({ key: `place ${placeId}`, where: name, bayId: null })),
    ...[...names].map(([personId, name]) => ({ key: `person ${personId}`, where: name, bayId: null })),
  ]
  const rank = ({ item: { kind } }: Thing): number => EQUIPMENT_KINDS.indexOf(kind)
  return inOrder.flatMap(({ key, where, bayId }) => {
    const items = things.filter(thing => stopOf(thing) === key).sort((a, b) => rank(a) - rank(b) || (a.tagId < b.tagId ? -1 : 1))
    return items.length > 0 ? [{ where, bayId, items }] : []
  })
}

/** Lists of a thing that are to be done: due today or before, and in reach of whoever walks. */
export function listsToDo(item: KitItem, lists: readonly CheckList[], today: string, isCompetent: boolean): readonly CheckList[] {
  if (item.isRetired || item.taggedOut) return []
  return judgeKitItem(item, today, lists)
    .lists.filter(({ list, due }) => due.state !== 'in-date' && (list.examiner === 'user' || isCompetent))
    .map(({ list }) => list)
}
