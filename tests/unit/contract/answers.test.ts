import { describe, expect, it } from 'vitest'
import { addressOf } from '#shared/contract/answers'
import { ROUTES } from '#shared/contract/routes'

describe('an address', () => {
  it('has its parts in their place, whatever they hold', () => {
    expect(addressOf('items/{tag}', { tag: 'l-3' })).toBe('items/l-3')
    expect(addressOf('items/{tag}', { tag: '../log?x=1' })).toBe('items/..%2Flog%3Fx%3D1')
  })
  it('asks what is given, and nothing that is undefined', () => {
    expect(addressOf('kit', { days: 14, kind: undefined })).toBe('kit?days=14')
    expect(addressOf('items', { begins: 'l 3&kind=hose' })).toBe('items?begins=l+3%26kind%3Dhose')
    expect(addressOf('floor', {})).toBe('floor')
  })
})

it('every route that pages read is one that the server answers, with the same parts', () => {
  const paths = new Set(ROUTES.map(({ path }) => path))
  for (const path of ['items/{tag}', 'cylinders/{tag}', 'permits/{permitId}', 'public/permits/{code}']) expect(paths).toContain(`/api/v1/${path}`)
})
