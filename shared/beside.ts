import { nextTurnAt } from '#core/streams/permit/permit-duties'
import { permitDeadlines } from '#core/streams/permit/permit-deadlines'
import { hasEnded } from '#core/streams/permit/permit-end'
import { msOf } from '#core/time/instant'
import type { KitItemReading, KitReading, PermitRow, PermitsReading } from './contract/readings'

// A list beside something that is opened: what is opened reads itself, and the list puts what that read in its place, as the server
// would. Only a list that is there as a whole can: of a page of it nobody knows what stood after its end.

/** Something as it was read by itself, and up to which position of the record that holds at least. */
export interface Since<Row> {
  readonly row: Row
  readonly asOf: number
}

/** A row of a list, or what was read of it since, where that is newer. */
export const newest = <Row extends { readonly version: number }>(row: Row, since: Since<Row> | undefined): Row =>
  since && since.row.version > row.version ? since.row : row

const byTag = (a: KitItemReading, b: KitItemReading): number => (a.tagId < b.tagId ? -1 : 1)
/** What is due now comes before every date. */
const dueText = ({ dueOn }: KitItemReading): string => (dueOn === 'now' ? '' : dueOn!)
const byDue = (a: KitItemReading, b: KitItemReading): number =>
  dueText(a) === dueText(b) ? byTag(a, b) : dueText(a) < dueText(b) ? -1 : 1
const isLate = ({ dueOn }: KitItemReading, today: string): boolean => dueOn !== null && (dueOn === 'now' || dueOn < today)

/** Rows a list of kit is asked for at most: with as many, more may follow. */
export const KIT_ROWS = 100

/** Is everything in the list that could be? One thing more or less is then known to be in it or not. */
export const isWholeKit = ({ counts, out, due }: KitReading): boolean =>
  counts.all > 0 && out.length === counts.out && out.length < KIT_ROWS && due.length < KIT_ROWS

/** A list of kit, up to which position it holds at least, and the last day that it shows, YYYY-MM-DD. */
interface ListedKit {
  readonly asOf: number
  readonly untilDay: string
}

/** The list of kit with one thing as it was read since. */
export function kitWith(kit: KitReading, { asOf, untilDay }: ListedKit, { row: since, asOf: readAsOf }: Since<KitItemReading>): KitReading {
  const before = [...kit.out, ...kit.due].find(({ tagId }) => tagId === since.tagId)
  // Of what a list leaves out nobody knows the version: it was left out by what was known then.
  const isNewer = before ? since.version > before.version : readAsOf > asOf
  if (!isNewer || !isWholeKit(kit)) return kit
  const others = (rows: readonly KitItemReading[]) => rows.filter(({ tagId }) => tagId !== since.tagId)
  const isHere = !since.item.isRetired
  const isOut = isHere && since.item.taggedOut !== null
  const isDue = isHere && since.dueOn !== null && (since.dueOn === 'now' || since.dueOn <= untilDay)
  const out = isOut ? [...others(kit.out), since].sort(byTag) : others(kit.out)
  const due = isDue ? [...others(kit.due), since].sort(byDue) : others(kit.due)
  const counts = { ...kit.counts, out: out.length, late: due.filter(row => isLate(row, kit.today)).length }
  return { ...kit, out, due, counts }
}

/** Permits that ended and are still shown. */
export const ENDED_SHOWN = 5

/** Is every live permit in the list? */
export const isWholePermits = ({ next }: PermitsReading): boolean => next === null

const turnOf = ({ permit }: PermitRow): string | null => nextTurnAt(permitDeadlines({ ...permit, token: '' }))
const byTurn = (a: PermitRow, b: PermitRow): number => {
  const [one, other] = [turnOf(a), turnOf(b)]
  const order = one === null || other === null ? Number(one === null) - Number(other === null) : msOf(one) - msOf(other)
  return order === 0 ? (a.permitId < b.permitId ? -1 : 1) : order
}

/** What ended last stands first. */
const byEnd = (a: PermitRow, b: PermitRow): number => {
  const order = msOf(b.permit.endedAt!) - msOf(a.permit.endedAt!)
  return order === 0 ? (a.permitId < b.permitId ? -1 : 1) : order
}

/** The board of permits with one permit as it was read since: whose turn comes soonest stands first, what ended goes to the ended. */
export function permitsWith(permits: PermitsReading, { row: since }: Since<PermitRow>): PermitsReading {
  const before = [...permits.live, ...permits.ended].find(({ permitId }) => permitId === since.permitId)
  if (!before || since.version <= before.version) return permits
  const others = (rows: readonly PermitRow[]) => rows.filter(({ permitId }) => permitId !== since.permitId)
  return hasEnded(since.permit.phase)
    ? { ...permits, live: others(permits.live), ended: [...others(permits.ended), since].sort(byEnd).slice(0, ENDED_SHOWN) }
    : { ...permits, live: [...others(permits.live), since].sort(byTurn), ended: others(permits.ended) }
}
