import { randomUUID } from 'node:crypto'
import type { CommandOf } from '#core/streams/commands'
import { setLogin } from '../tables/credential'
import { handleCommand } from './handle'
import { systemCommand } from './system-command'
import type { Caller } from './caller'
import type { Beside, Door } from './door'
import type { Instant } from '#core/time/instant'
import { HOUSE_RULES_STREAM, SITE_STREAM, personStream } from '#core/ids/streams'
import { rulesUnder } from '#core/streams/house-rules/house-rules'
import type { FirstChoice } from '#core/streams/house-rules/house-rules'

export interface NewSite {
  readonly siteId?: string
  /** When it was opened; now, where it is not said. Nothing is told of it from before. */
  readonly openedAt?: Instant
  readonly site: { readonly name: string, readonly timeZone: string }
  /** Whose law, which units, which language; those of any new site where nobody chose. */
  readonly choice?: FirstChoice
  readonly lead: {
    readonly personId?: string
    readonly name: string
    readonly loginName: string
    readonly passwordHash: string
    readonly isDemo?: boolean
  }
}

/** Opens a site with its house rules and its first safety lead, through the same door as every change. */
export async function openSite(
  door: Door,
  { siteId = randomUUID(), openedAt, site, choice, lead }: NewSite,
): Promise<{ siteId: string, personId: string }> {
  const personId = lead.personId ?? randomUUID()
  const caller: Caller = { siteId, actor: { kind: 'person', personId }, holder: 'system' }
  const send = async (streamId: string, what: CommandOf, beside?: Beside) => {
    const { status, body } = await handleCommand(
      door,
      caller,
      systemCommand(door.clock, [streamId], what, openedAt === undefined ? {} : { at: openedAt }),
      beside,
    )
    if (status !== 200) throw new Error(`${what.type} was refused: ${body.findings.map(said => said.message).join(' ')}`)
  }
  await send(SITE_STREAM, { type: 'site.open', payload: site })
  if (choice) await send(HOUSE_RULES_STREAM, { type: 'house-rules.change', payload: rulesUnder(choice) })
  await send(
    personStream(personId),
    { type: 'person.add', payload: { name: lead.name, roles: ['safety-lead'], areaId: null, bayId: null } },
    db => setLogin(db, siteId, personId, lead.loginName, lead.passwordHash, lead.isDemo),
  )
  return { siteId, personId }
}
