import { describe, expect, it } from 'vitest'
import { addressOf } from '#shared/contract/answers'
import type { FormPath, ReadingPath } from '#shared/contract/answers'
import { ROUTES } from '#shared/contract/routes'

describe('an address', () => {
  it('has its parts in their place, whatever they hold', () => {
    expect(addressOf('items/{tag}', { tag: 'l-3' })).toBe('items/l-3')
    expect(addressOf('items/{tag}', { tag: '../log?x=1' })).toBe('items/..%2Flog%3Fx%3D1')
    for (const tag of ['.', '..'])
      expect(new URL(addressOf('items/{tag}', { tag }), 'http://shop/api/').pathname.startsWith('/api/items/%25')).toBe(true)
  })
  it('asks what is given, and nothing that is undefined', () => {
    expect(addressOf('kit', { days: 14, kind: undefined })).toBe('kit?days=14')
    expect(addressOf('items', { begins: 'l 3&kind=hose' })).toBe('items?begins=l+3%26kind%3Dhose')
    expect(addressOf('floor', {})).toBe('floor')
  })
})

/** Complete by type: an address that is added has to be added here. */
const READ: Readonly<Record<ReadingPath, true>> = {
  'session': true,
  'floor': true,
  'gas': true,
  'places': true,
  'cylinders/{tag}': true,
  'monitors/{monitorId}': true,
  'people/{personId}/air': true,
  'items': true,
  'items/{tag}': true,
  'kit': true,
  'kit/round': true,
  'kit/helmets': true,
  'permits': true,
  'permits/{permitId}': true,
  'public/permits/{code}': true,
  'public/cards/{token}': true,
  'public/shop': true,
  'wearers': true,
  'care': true,
  'wardrobe': true,
  'day-plans': true,
  'people': true,
  'devices': true,
  'log': true,
  'clearance': true,
}
const SENT: Readonly<Record<FormPath, true>> = {
  'commands': true,
  'sign-in': true,
  'sign-out': true,
  'sign-out-everywhere': true,
  'first-run': true,
  'redeem': true,
  'credentials': true,
  'preferences': true,
  'sign-in-codes': true,
  'device-keys': true,
  'devices/name': true,
  'devices/revoke': true,
  'wearers': true,
  'care': true,
  'classes/plan': true,
}
it('every address that is read or sent to is a route that says whom it answers', () => {
  const routes = new Set(ROUTES.map(({ method, path }) => `${method} ${path}`))
  for (const path of Object.keys(READ)) expect(routes).toContain(`GET /api/v1/${path}`)
  for (const path of Object.keys(SENT)) expect(routes).toContain(`POST /api/v1/${path}`)
})
