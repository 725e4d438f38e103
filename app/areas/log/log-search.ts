import { LOG_KINDS } from '#core/ids/log-kinds'
import type { LogKindId } from '#core/ids/log-kinds'
import type { LocationQuery } from 'vue-router'

/** What somebody looks for in the record; nothing of a part is everything of it. */
export interface LogSearch {
  /** A shop day, YYYY-MM-DD. */
  readonly day: string
  /** Who did it: a person. */
  readonly by: string
  /** Where: `bay/...` or `place/...`. */
  readonly at: string
  /** What it befell: the id of a stream. */
  readonly of: string
  readonly kind: LogKindId | ''
}

const one = (query: LocationQuery, name: string, fits: RegExp): string => {
  const value = query[name]
  return typeof value === 'string' && fits.test(value) ? value : ''
}

/** A day of the calendar: February has no 30th, whatever an address says. */
function isDay(text: string): boolean {
  const at = Date.parse(`${text}T00:00:00Z`)
  return !Number.isNaN(at) && new Date(at).toISOString().startsWith(text)
}

/** Reads a search out of an address; what is no search in it is passed over. */
export function searchIn(query: LocationQuery): LogSearch {
  const day = one(query, 'day', /^\d{4}-\d\d-\d\d$/)
  const kind = one(query, 'kind', /^[a-z-]{1,20}$/)
  return {
    day: isDay(day) ? day : '',
    by: one(query, 'by', /^[a-z0-9-]{1,60}$/),
    at: one(query, 'at', /^(?:bay|place)\/[a-z0-9-]{1,60}$/),
    of: one(query, 'of', /^[a-z0-9/-]{1,100}$/),
    kind: LOG_KINDS.find(known => known === kind) ?? '',
  }
}

/** A search as the record is asked for it. */
export function askedFor({ day, by, at, of, kind }: LogSearch): Record<string, string> {
  const [where = '', id = ''] = at.split('/')
  const asked = { day, personId: by, [where === 'bay' ? 'bayId' : 'placeId']: id, streamId: of, kind }
  return Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== ''))
}
