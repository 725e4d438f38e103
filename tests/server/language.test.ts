import type { H3Event } from 'h3'
import { describe, expect, it } from 'vitest'
import { inLanguage, languageHere, languageOf } from '#server/language'

/** A request as far as its language is looked for. */
const asking = (path: string, header?: string) =>
  ({ path, node: { req: { headers: header === undefined ? {} : { 'accept-language': header } } } }) as unknown as H3Event

describe('the language of an answer', () => {
  it.each([
    ['es', 'es'],
    ['es-MX,es;q=0.9,en;q=0.8', 'es'],
    ['en-US,en;q=0.9,es;q=0.8', 'en'],
    ['fr,es;q=0.5,en;q=0.4', 'es'],
    ['es;q=0', 'en'],
    ['fr', 'en'],
    ['*', 'en'],
    ['', 'en'],
    [',;q=,-,es'.repeat(2000), 'es'],
    ['x'.repeat(100_000), 'en'],
  ])('for Accept-Language %j', (header, expected) => {
    expect(languageOf(asking('/api/v1/session', header.slice(0, 100_000)))).toBe(expected)
  })
  it('is what the address says, where it says one that is spoken', () => {
    expect(languageOf(asking('/paper?language=es', 'en'))).toBe('es')
    expect(languageOf(asking('/paper?language=xx', 'es'))).toBe('es')
    expect(languageOf(asking('/paper?language=en&language=es', 'es'))).toBe('es')
    expect(languageOf(asking('/paper'))).toBe('en')
  })
  it('is held for one request and for no other, however they mix', async () => {
    const heard = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        inLanguage(i % 2 ? 'es' : 'en', async () => {
          await new Promise(resolve => setTimeout(resolve, (i * 7) % 5))
          return languageHere()
        })),
    )
    expect(heard).toEqual(Array.from({ length: 40 }, (_, i) => (i % 2 ? 'es' : 'en')))
    expect(languageHere()).toBe('en')
  })
})
