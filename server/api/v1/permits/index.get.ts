import type { Readings } from '#shared/contract/answers'
import { getQuery } from 'h3'
import { z } from 'zod'
import { ENDED_SHOWN } from '#shared/beside'
import { instant } from '#shared/contract/instant-schema'
import { permitDeadlines } from '#core/streams/permit/permit-deadlines'
import { nextTurnAt } from '#core/streams/permit/permit-duties'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { countScreens, readEndedPermits, readLivePermits } from '../../../tables/permit'
import { nowIso } from '../../../clock'
import { api, parse, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'

const querySchema = z.strictObject({
  limit: z.coerce.number().int().min(1).max(100).default(40),
  after: z.string().regex(/^[a-z0-9-]{1,64}$/).optional(),
  afterTurn: instant.optional(),
})

/** The board of live permits, whose turn comes soonest first, and the last that ended. Page by page: pass `next`. */
export default api(async (event): Promise<Readings['permits']> => {
  const { siteId } = await requireSignedIn(event)
  const { pool, clock } = useRunning()
  const { limit, after, afterTurn } = parse(querySchema, getQuery(event))
  const now = nowIso(clock)
  const [live, ended, screens] = await Promise.all([
    readLivePermits(pool, siteId, limit, after === undefined ? null : { permitId: after, turnAt: afterTurn ?? null }),
    after === undefined ? readEndedPermits(pool, siteId, ENDED_SHOWN) : [], countScreens(pool, siteId, now),
  ])
  const last = live.length === limit ? live.at(-1)! : null
  return {
    live: live.map(({ permit, ...rest }) => ({ ...rest, permit: shownPermit(permit) })),
    ended: ended.map(({ permit, ...rest }) => ({ ...rest, permit: shownPermit(permit) })),
    screens,
    next: last && { after: last.permitId, afterTurn: nextTurnAt(permitDeadlines(last.permit)) },
  }
})
