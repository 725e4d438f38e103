import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { payloadSchemas } from '#shared/contract/command-schemas'
import { instant } from '#shared/contract/instant-schema'
import { deviceIdSchema, idSchema, nameSchema, streamIdSchema } from '#shared/contract/text-schema'
import { firstIllFormed, hasUnseen, illFormed } from '#shared/well-formed'

describe('text that can be kept', () => {
  it.each(['', 'Bay 4, east', 'línea\tuno\r\ndos', 'Привет', '漢字', '👩‍🏭 on post', '½ °C ≤ 0,1 mg/m³'])('%j', text =>
    expect(illFormed(text)).toBeNull(),
  )
  it.each([
    ['\u0000', 'U+0000'],
    ['a\u0008b', 'U+0008'],
    ['\u001B[31m', 'U+001B'],
    ['x\u007F', 'U+007F'],
    ['\u0085', 'U+0085'],
  ])('%j is not, and the character is named', (text, named) => expect(illFormed(text)).toContain(named))
  it.each(['\uD83D', 'a\uDE00', '\uDE00\uD83D'])('half a character is not', text => expect(illFormed(text)).toContain('half a character'))
  it('is what the database and JSON give back as it was: any text at all is either refused or survives UTF-8', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), text => illFormed(text) !== null || Buffer.from(text, 'utf8').toString('utf8') === text),
    )
  })
})

describe('the first field that cannot be kept', () => {
  it('is named by its path, in lists and records, by value and by name', () => {
    expect(firstIllFormed({ a: 1, b: [true, null, { c: 'x\u0000' }] })).toMatchObject({ path: 'b.2.c' })
    expect(firstIllFormed('\uD800')).toMatchObject({ path: '(body)' })
    expect(firstIllFormed({ payload: { 'x\u0000': 1 } })).toMatchObject({ path: 'payload' })
    expect(firstIllFormed({ payload: { note: 'fine', rows: [[1.5, 'fine']] } })).toBeNull()
    expect(firstIllFormed(undefined)).toBeNull()
  })
  it('is the one that lies too deep, before anything else walks down there', () => {
    let deep: unknown = 'x'
    for (let i = 0; i < 100_000; i++) deep = [deep]
    expect(firstIllFormed(deep)?.message).toContain('levels')
    let within: unknown = 'x'
    for (let i = 0; i < 40; i++) within = [within]
    expect(firstIllFormed(within)).toBeNull()
  })
})

describe('names and ids', () => {
  it.each(['Maren\u200B', '\u202Etrow', 'B\uFEFFay', 'a\u2066b', 'so\u00ADft'])('%j holds what nobody sees, and is no name', (name) => {
    expect(hasUnseen(name)).toBe(true)
    expect(nameSchema.safeParse(name).success).toBe(false)
    expect(payloadSchemas['person.add'].safeParse({ name, roles: ['learner'], areaId: null, bayId: null }).success).toBe(false)
  })
  it('names of people keep their own letters', () => {
    for (const name of ['Søren Ångström', 'Nguyễn Văn A', 'O\'Hara', 'Иван', 'राम']) expect(nameSchema.parse(` ${name} `)).toBe(name)
  })
  it.each(['bay-4', 'a', '0b8f6c1e-7f0a-4c38-9f7d-0f6f2b0f3a11'])('%s is an id', id => expect(idSchema.safeParse(id).success).toBe(true))
  it.each(['', 'Bay-4', '-a', 'a/b', 'ä', 'a b', 'a'.repeat(65)])('%j is none', id => expect(idSchema.safeParse(id).success).toBe(false))
  it('the address of a stream is words apart by a slash; a device may write itself large', () => {
    expect(streamIdSchema.safeParse('station/bay-4').success).toBe(true)
    expect(streamIdSchema.safeParse('station/../x').success).toBe(false)
    expect(streamIdSchema.safeParse('/x').success).toBe(false)
    expect(deviceIdSchema.safeParse('Tablet_7').success).toBe(true)
    expect(deviceIdSchema.safeParse('two words').success).toBe(false)
  })
})

describe('an instant from outside', () => {
  it.each(['2026-11-28T08:00:00Z', '2000-01-01T00:00:00.000Z', '2999-12-31T23:59:59.999Z'])('%s is taken, to the millisecond', at =>
    expect(instant.parse(at)).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/),
  )
  it.each([
    '0000-01-01T00:00:00Z',
    '1969-12-31T23:59:59Z',
    '1999-12-31T23:59:59.999Z',
    '3000-01-01T00:00:00Z',
    '9999-12-31T23:59:59Z',
    '2026-02-30T00:00:00Z',
    'tomorrow',
  ])('%s is none of our time', at => expect(instant.safeParse(at).success).toBe(false))
})
