import { setResponseStatus } from 'h3'
import { signInCodeRequest } from '#shared/contract/sign-in-schema'
import { handleCommand } from '../../door/handle'
import { systemCommand } from '../../door/system-command'
import { findLogin, offerCode, readCredential } from '../../tables/credential'
import { api, parseBody, Problem, refuseInput, requireRight } from '../../http'
import { useRunning } from '../../running'
import { codeSha256, oneTimeCode } from '../../secrets'
import { personStream } from '#core/ids/streams'
import { errorsHere } from '../../words/here'

const TAKEN = 'this sign-in name is taken: choose another'

/** A code that nobody used by then opens nothing, ms. */
const CODE_LASTS_MS = 7 * 24 * 3600_000

/**
 * Makes a one-time code and shows it this once, to be handed over: with it its owner sets a password and a PIN that nobody else
 * ever knows. Where they had a password it is a reset: they are told, it stands in the record, and for a day nothing is signed.
 */
export default api(async (event) => {
  const { siteId, person } = await requireRight(event, 'manage-people')
  const { personId, loginName } = await parseBody(event, signInCodeRequest)
  const { pool, door, clock } = useRunning()
  const taken = await findLogin(pool, loginName)
  if (taken && (taken.siteId !== siteId || taken.personId !== personId))
    refuseInput('loginName', TAKEN)
  const [code, before] = [oneTimeCode(), await readCredential(pool, siteId, personId)]
  const [isReset, untilIso] = [(before?.passwordHash ?? null) !== null, new Date(clock.nowMs() + CODE_LASTS_MS).toISOString()]
  const caller = { siteId, actor: { kind: 'person', personId: person.personId }, holder: 'system' } as const
  const command = systemCommand(clock, [personStream(personId)], { type: 'person.offer-code', payload: { isReset } })
  const { status, body } = await handleCommand(door, caller, command, async (db) => {
    const isKept = await offerCode(db, { siteId, personId, loginName, codeSha256: codeSha256(code), untilIso, isReset })
    // Whether it is a reset decides who is told and who signs when: it may not have changed since it was asked.
    if (!isKept)
      throw new Problem(409, { error: errorsHere().setMeanwhile })
  }).catch((error: unknown) => {
    if (error instanceof Error && 'constraint' in error && error.constraint === 'credential_login') refuseInput('loginName', TAKEN)
    throw error
  })
  setResponseStatus(event, status)
  return status === 200 ? { code, loginName, untilAt: untilIso } : body
})
