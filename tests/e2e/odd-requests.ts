import { randomUUID } from 'node:crypto'
import type { APIRequestContext, APIResponse } from '@playwright/test'
import { z } from 'zod'
import { randomFrom } from '#core/chance/draws'
import { commandTypes, payloadSchemas } from '#shared/contract/command-schemas'

// Requests as nobody should send them: shaped by the schemas of the interface, with something odd here and there. The same seed
// makes the same requests, so that one that is answered wrongly can be made again.

type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json }
interface Node {
  readonly $ref?: string
  readonly type?: string | readonly string[]
  readonly enum?: readonly Json[]
  readonly const?: Json
  readonly anyOf?: readonly Node[]
  readonly oneOf?: readonly Node[]
  readonly allOf?: readonly Node[]
  readonly properties?: Readonly<Record<string, Node>>
  readonly required?: readonly string[]
  readonly additionalProperties?: boolean | Node
  readonly items?: Node
  readonly prefixItems?: readonly Node[]
  readonly minItems?: number
  readonly maxItems?: number
  readonly minimum?: number
  readonly maximum?: number
  readonly format?: string
  readonly pattern?: string
}
interface Operation {
  readonly operationId: string
  readonly parameters?: readonly { readonly name: string, readonly in: string, readonly schema: Node }[]
  readonly requestBody?: { readonly content: { readonly 'application/json': { readonly schema: Node } } }
}
export interface OpenApi {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>
  readonly components: { readonly schemas: Readonly<Record<string, Node>> }
}

/** One request to be sent. */
export interface OddRequest {
  readonly method: 'GET' | 'POST'
  readonly path: string
  readonly body?: Json
}

/** What the shop knows by these names: some requests have to be about something. */
const KNOWN = [
  'bay-1',
  'bay-4',
  'bay-8',
  'bay-10',
  'imke-tarrow',
  'maren-holt',
  'oskar-bly',
  'ac-7',
  'gr-2',
  'slip-winch',
  'gate-3-strap',
  'boat-shed',
  'oxy-corner',
  'cage',
  'station/bay-4',
  'permit/slip-winch',
  'cylinder/ac-7',
  'item/gr-2',
  'site',
  'house-rules',
  'check-lists',
  'fume-sheets',
]
const INSTANTS = [
  '2026-11-28T08:00:00.000Z',
  '2026-11-28T08:00:00+01:00',
  '1969-12-31T23:59:59Z',
  '0000-01-01T00:00:00Z',
  '9999-12-31T23:59:59.999Z',
  '2026-02-30T00:00:00Z',
]
const ODD: readonly Json[] = [
  null,
  true,
  '',
  ' ',
  0,
  -0,
  -1,
  1e308,
  2 ** 53,
  0.1 + 0.2,
  'NaN',
  '\u0000',
  'a\u0000b',
  '\uD800',
  '\u202Eabc',
  '../../etc',
  '%00',
  '__proto__',
  'constructor',
  '\'; drop table event; --',
  '<script>1</script>',
  '🧑‍🏭',
  [],
  [[[[[]]]]],
  {},
  { constructor: { prototype: 1 } },
  'x'.repeat(5000),
  '9'.repeat(400),
  '2026-13-45',
  '٣',
  'ß',
  Array.from({ length: 300 }, () => 'y'),
]

export class OddRequests {
  readonly #random: () => number
  readonly #doc: OpenApi
  readonly #targets: readonly (() => OddRequest)[]

  constructor(doc: OpenApi, seed: number) {
    this.#random = randomFrom(seed)
    this.#doc = doc
    // A stream stays open, and signing out would end what is tried.
    const left = new Set(['events', 'signOut', 'signOutEverywhere'])
    const operations = Object.entries(doc.paths).flatMap(([path, methods]) =>
      Object.entries(methods)
        .filter(([, { operationId }]) => !left.has(operationId))
        .map(([method, operation]) => ({ path, method, operation })),
    )
    const routes = operations
      .filter(({ path }) => path !== '/api/v1/commands')
      .map(
        ({ path, method, operation }) =>
          () =>
            this.#route(path, method, operation),
      )
    const commands = commandTypes.map(type => () => this.#command(type))
    this.#targets = [...routes, ...commands]
  }

  /** One after the other of all there is to ask, over and over. */
  * take(count: number): Generator<OddRequest> {
    for (let i = 0; i < count; i++) yield this.#targets[i % this.#targets.length]!()
  }

  #chance = (share: number): boolean => this.#random() < share
  #pick = <Value>(of: readonly Value[]): Value => of[Math.floor(this.#random() * of.length)]!
  #odd = (): Json => this.#pick(ODD)

  #route(path: string, method: string, { parameters = [], requestBody }: Operation): OddRequest {
    const value = (schema: Node): string => {
      const made = this.#chance(0.4) ? this.#pick(KNOWN) : this.#value(schema)
      return typeof made === 'string' ? made : JSON.stringify(made)
    }
    // Half a surrogate pair has no address.
    const written = (text: string): string => encodeURIComponent(text.slice(0, 300).replaceAll(/\p{Surrogate}/gu, '-'))
    const whole = path.replaceAll(/\{(\w+)\}/g, (_, name: string) =>
      written(value(parameters.find(one => one.name === name)?.schema ?? {}) || '-'),
    )
    const query = parameters
      .filter(one => one.in === 'query' && this.#chance(0.6))
      .map(({ name, schema }) => `${name}=${written(value(schema))}`)
    if (method === 'get') return { method: 'GET', path: query.length > 0 ? `${whole}?${query.join('&')}` : whole }
    const schema = requestBody?.content['application/json'].schema
    return { method: 'POST', path: whole, body: schema ? this.#value(schema) : this.#odd() }
  }

  #command(type: (typeof commandTypes)[number]): OddRequest {
    const payload = z.toJSONSchema(payloadSchemas[type], { io: 'input', unrepresentable: 'any' }) as Node
    const now = new Date().toISOString()
    const instant = (): Json => (this.#chance(0.2) ? this.#pick(INSTANTS) : now)
    const kind = type.slice(0, type.indexOf('.'))
    const streams = Array.from({ length: this.#chance(0.1) ? 3 : 1 }, () => ({
      id: this.#chance(0.5) ? `${kind}/${this.#pick(KNOWN)}` : this.#pick(KNOWN),
      expectedVersion: this.#pick([null, null, 0, 1, 5]),
    }))
    const body: { [key: string]: Json } = {
      id: randomUUID(),
      type,
      streams: [...streams],
      at: instant(),
      sentAt: instant(),
      deviceId: 'odd',
      deviceSeq: 1,
      payload: this.#value(payload),
    }
    if (this.#chance(0.15)) body.signature = { personId: this.#pick(KNOWN), pin: '1234' }
    if (this.#chance(0.15)) body[this.#pick(Object.keys(body))] = this.#odd()
    return { method: 'POST', path: '/api/v1/commands', body }
  }

  /** A value as its schema wants it, or something odd in its place. */
  #value(schema: Node, depth = 0): Json {
    if (depth > 8 || this.#chance(depth === 0 ? 0.02 : 0.05)) return this.#odd()
    if (schema.$ref) return this.#value(this.#doc.components.schemas[schema.$ref.split('/').at(-1)!] ?? {}, depth)
    if (schema.const !== undefined) return schema.const
    if (schema.enum) return this.#pick(schema.enum)
    const ways = schema.anyOf ?? schema.oneOf
    if (ways) return this.#value(this.#pick(ways), depth + 1)
    if (schema.allOf) return this.#value(this.#pick(schema.allOf), depth + 1)
    const type
      = typeof schema.type === 'string' ? schema.type : schema.type ? this.#pick(schema.type) : schema.properties ? 'object' : 'string'
    switch (type) {
      case 'object':
        return this.#object(schema, depth)
      case 'array': {
        if (schema.prefixItems) return schema.prefixItems.map(item => this.#value(item, depth + 1))
        const least = schema.minItems ?? 0
        const length = Math.min(schema.maxItems ?? 5, least + Math.floor(this.#random() * 3))
        return Array.from({ length }, () => this.#value(schema.items ?? {}, depth + 1))
      }
      case 'number':
      case 'integer': {
        const [low, high] = [Math.max(schema.minimum ?? 0, -1e6), Math.min(schema.maximum ?? 1000, 1e6)]
        const number = this.#pick([low, high, low + this.#random() * (high - low)])
        return type === 'integer' ? Math.round(number) : number
      }
      case 'boolean':
        return this.#chance(0.5)
      case 'null':
        return null
      default:
        if (schema.format === 'uuid') return randomUUID()
        if (schema.format === 'date') return this.#pick(['2026-11-28', '2024-02-29', '1900-01-01', '9999-12-31'])
        if (schema.format === 'date-time') return this.#pick(INSTANTS)
        return this.#chance(0.6) ? this.#pick(KNOWN) : this.#pick(['Bay', 'a word or two', '10A:80BC', '3AA 2265 6-15+*', '08:00'])
    }
  }

  #object({ properties = {}, required = [], additionalProperties }: Node, depth: number): Json {
    const made: { [key: string]: Json } = {}
    for (const [name, schema] of Object.entries(properties)) {
      if (this.#chance(required.includes(name) ? 0.97 : 0.5)) made[name] = this.#value(schema, depth + 1)
    }
    if (typeof additionalProperties === 'object' && this.#chance(0.7))
      made[this.#pick(KNOWN)] = this.#value(additionalProperties, depth + 1)
    if (this.#chance(0.03)) made[this.#pick(['extra', '__proto__', 'a\u0000', ''])] = this.#odd()
    return made
  }
}

/** Sends it as it is: written by hand, for a library would mend half a character. */
export const sendOdd = (context: APIRequestContext, url: string, { method, path, body }: OddRequest): Promise<APIResponse> =>
  method === 'GET'
    ? context.get(url + path)
    : context.post(url + path, { headers: { 'content-type': 'application/json' }, data: Buffer.from(JSON.stringify(body ?? null)) })
