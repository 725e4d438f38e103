import type { RightId } from '#core/ids/rights'
import type { FormPath, ReadingPath } from './answers'

/**
 * Who a route answers: anybody; whoever is signed in (what it tells may still be narrowed); a right; whoever is signed in or a
 * device key that reads; a device key that tells; or the door, which asks for the right of each command.
 */
export type Access = 'anybody' | 'signed-in' | 'reader' | 'teller' | 'door' | { readonly right: RightId }

export interface Route {
  readonly method: 'GET' | 'POST'
  readonly path: string
  readonly access: Access
  /** What is narrowed besides, in words. */
  readonly narrowed?: string
}

/** Besides what pages read: what programs ask for, papers, and the stream of changes. */
type OtherPath
  = 'vocabulary' | 'openapi.json' | 'health' | 'events' | 'permits/{permitId}/paper' | 'days/{day}/sheet'
    | 'bays/{bayId}/card' | 'bays/{bayId}/samples-report' | 'class-sheet' | 'people/{personId}/to-bring'

const get = (path: ReadingPath | OtherPath, access: Access, narrowed?: string): Route => ({ method: 'GET', path: `/api/v1/${path}`, access, narrowed })
const post = (path: FormPath | 'readings' | `assess/${string}`, access: Access, narrowed?: string): Route =>
  ({ method: 'POST', path: `/api/v1/${path}`, access, narrowed })

const LIFE = 'its life: whoever may read that record, or is named in it'

/** Every route of the interface with who it answers: a route that is not here does not pass the tests. */
export const ROUTES: readonly Route[] = [
  ...[
    'bystander',
    'cable',
    'calibration',
    'capture',
    'clearance',
    'contents',
    'day',
    'ducts',
    'duty-cycle',
    'electrical-test',
    'exposure-statistics',
    'fire-watch',
    'burn-off',
    'fume',
    'heat',
    'helmet',
    'hot-work',
    'laser',
    'noise',
    'oxygen',
    'plan',
    'ppe',
    'requalification',
    'respirator',
    'room',
    'shade',
    'spark-reach',
    'storage',
    'withdrawal',
  ].map(name => post(`assess/${name}` as const, 'anybody', 'so many a minute from one address')),
  get('vocabulary', 'anybody'),
  get('openapi.json', 'anybody'),
  get('health', 'anybody', 'how the process fares, nothing of a site'),
  get('session', 'anybody', 'one\'s own'),
  post('sign-in', 'anybody', 'so many tries'),
  post('redeem', 'anybody', 'with a one-time code that was handed over; so many tries'),
  post('first-run', 'anybody', 'once, with the code that the first start prints'),
  post('sign-out', 'anybody', 'one\'s own session'),
  get('public/permits/{code}', 'anybody', 'who holds the paper; short codes only of what is not over, so many misses'),
  get('public/cards/{token}', 'anybody', 'who holds the card; so many misses'),
  get('public/shop', 'anybody', 'numbers to call; how bays stand, only for a device that the shop knows'),
  get('clearance', 'reader'),
  post('readings', 'teller'),
  post('commands', 'door'),
  post('sign-out-everywhere', 'signed-in', 'one\'s own sessions and devices'),
  post('credentials', 'signed-in', 'one\'s own, with the password as it is'),
  post('preferences', 'signed-in', 'one\'s own'),
  get('devices', 'signed-in', 'one\'s own; all for who manages people'),
  post('devices/name', 'signed-in', 'one\'s own; all for who manages people'),
  post('devices/revoke', 'signed-in', 'one\'s own; all for who manages people'),
  get('events', 'signed-in', 'what befalls a person: only that something did'),
  get('floor', 'signed-in'),
  get('gas', 'signed-in'),
  get('places', 'signed-in'),
  get('cylinders/{tag}', 'signed-in', LIFE),
  get('monitors/{monitorId}', 'signed-in'),
  get('items', 'signed-in'),
  get('items/{tag}', 'signed-in', LIFE),
  get('kit', 'signed-in'),
  get('kit/round', 'signed-in'),
  get('kit/helmets', 'signed-in'),
  get('permits', 'signed-in'),
  get('permits/{permitId}', 'signed-in', LIFE),
  get('permits/{permitId}/paper', { right: 'work-permit' }),
  get('bays/{bayId}/card', { right: 'door-checks' }),
  get('bays/{bayId}/samples-report', { right: 'record-samples' }),
  get('class-sheet', { right: 'door-checks' }),
  get('people/{personId}/to-bring', { right: 'door-checks' }),
  get('people/{personId}/air', 'signed-in', 'one\'s own; all for who reads the whole record'),
  get('wearers', 'signed-in', 'one\'s own; all for health fields'),
  post('wearers', { right: 'health-fields' }),
  post('classes/plan', { right: 'door-checks' }, 'one after the other'),
  get('wardrobe', 'signed-in', 'sizes for who may check at the door'),
  get('day-plans', { right: 'set-jobs' }),
  get('care', 'signed-in', 'one\'s own; all for health fields'),
  post('care', { right: 'health-fields' }),
  get('people', { right: 'manage-people' }),
  post('sign-in-codes', { right: 'manage-people' }),
  post('device-keys', { right: 'set-up-site' }),
  get('days/{day}/sheet', { right: 'read-records' }, 'who reads the whole record'),
  get('log', { right: 'read-records' }, 'the streams that the right reaches'),
]
