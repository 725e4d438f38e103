import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { Place } from '../streams/place/place'
import type { StorageBasisId } from '../ids/vocabulary'
import type { CylinderState } from '../streams/cylinder/cylinder'
import type { CylinderFact } from './cylinder-fact'
import { leakOut } from './leak-out'
import type { LeakOut } from './leak-out'
import { judgeStorage } from './storage'
import type { Storage, StoredItem } from './storage'

/** A large shell, across and in content, where nobody wrote down what this one is: both on the safe side. */
const USUAL_DIAMETER_M = 0.27
const ASSUMED_FULL_M3 = 12

/** A cylinder at a place, as it is and as it is judged. */
export interface CylinderHere { readonly cylinder: CylinderState, readonly fact: CylinderFact }

export interface PlaceStanding {
  readonly storage: Storage
  /** What the largest here does to the air of the room when all of it leaks out; null in the open or with nothing here. */
  readonly worstLeak: (LeakOut & { readonly tag: string }) | null
  readonly findings: readonly Finding[]
}

const fullOf = ({ fact: { fullM3, left } }: CylinderHere): number => fullM3 ?? Math.max(left?.lowM3 ?? 0, ASSUMED_FULL_M3)

/** A cylinder's outline on the site's grid, its standing corner nearest the origin. */
export function storedItem(here: CylinderHere): StoredItem | null {
  const { cylinder: { tag, gas, standing, diameterM = USUAL_DIAMETER_M, heightM } } = here
  if (standing?.in !== 'place') return null
  return {
    id: tag,
    gas,
    state: 'stored',
    xM: standing.xM,
    yM: standing.yM,
    widthM: diameterM,
    depthM: diameterM,
    ...(heightM === undefined ? {} : { heightM }),
    freeGasM3: fullOf(here),
  }
}

/** The other places of the yard with what stands there: distances are kept over the edge of a place as well. */
export interface Yard { readonly places: readonly (Place & { readonly placeId: string })[], readonly cylinders: readonly CylinderHere[] }

/** Conflicts of what stands here with what stands at another place of the same storey: one grid, all things on it. */
function judgeAcross(
  place: Place,
  items: readonly StoredItem[],
  { places, cylinders }: Yard,
  basis: StorageBasisId,
): Pick<Storage, 'conflicts' | 'findings'> {
  const onStorey = places.filter(({ level }) => level === place.level)
  const own = new Set(items.map(({ id }) => id))
  const others = cylinders
    .filter(
      ({ cylinder: { tag, standing } }) =>
        !own.has(tag) && standing?.in === 'place' && onStorey.some(({ placeId }) => placeId === standing.placeId),
    )
    .flatMap(one => storedItem(one) ?? [])
  const { conflicts, findings } = judgeStorage({
    items: [...items, ...others],
    barriers: onStorey.flatMap(({ store }) => store?.barriers ?? []),
    combustibles: [],
    indoor: false,
    basis,
  })
  const crosses = (first: string, second: string): boolean => own.has(first) !== own.has(second)
  return {
    conflicts: conflicts.filter(({ between: [first, second] }) => crosses(first, second)),
    findings: findings.filter(
      ({ code, values }) =>
        code === 'storage.too-near' && crosses((values as { first: string }).first, (values as { second: string }).second),
    ),
  }
}

/**
 * How cylinders stand at a place: distances and walls, limits indoors, caps and chains, and what is left to breathe if the
 * largest leaks out. A cylinder whose content nobody wrote down counts as a large full one.
 *
 * @param yard what else stands on the grid; left out, this place is judged alone
 */
export function judgePlace(
  place: Place,
  here: readonly CylinderHere[],
  basis: StorageBasisId,
  yard: Yard = { places: [], cylinders: [] },
): PlaceStanding {
  const items = here.flatMap(one => storedItem(one) ?? [])
  const alone = judgeStorage({
    items,
    barriers: place.store?.barriers ?? [],
    combustibles: place.store?.combustibles ?? [],
    indoor: place.room !== null,
    basis,
  })
  const across = judgeAcross(place, items, yard, basis)
  const storage: Storage = {
    ...alone,
    conflicts: [...alone.conflicts, ...across.conflicts],
    findings: [...across.findings, ...alone.findings],
  }
  const { room } = place
  const leaks
    = room === null ? [] : here.map(one => ({ tag: one.cylinder.tag, ...leakOut(one.cylinder.gas, fullOf(one), room.volumeM3) }))
  const WORST = { explosive: 0, deficient: 1, enriched: 2, breathable: 3 } as const
  const worstLeak = [...leaks].sort((a, b) => WORST[a.verdict] - WORST[b.verdict] || a.oxygenPercent - b.oxygenPercent)[0] ?? null
  const findings: Finding[] = []
  for (const {
    cylinder: { tag, stance, isEmpty },
  } of here) {
    if (stance && !stance.isCapped) findings.push(finding('caution', 'storage.cap-off', { tag }))
    if (!stance?.isUpright || !stance.isSecured)
      findings.push(finding('hold', 'cylinder.not-secured', { tag }, ['usCylinderHandling']))
    if (isEmpty) findings.push(finding('note', 'cylinder.empty', { tag }))
  }
  const assumed = here.filter(({ fact: { fullM3 } }) => fullM3 === null).map(({ cylinder: { tag } }) => tag)
  if (assumed.length > 0)
    findings.push(finding('note', 'storage.content-assumed', { tags: assumed, count: assumed.length, fullM3: ASSUMED_FULL_M3 }))
  return { storage, worstLeak, findings: [...storage.findings, ...findings] }
}
