import type { Finding } from '#core/finding'
import { finding } from '#core/finding'
import type { SpokenFinding } from '#shared/messages/speak'
import { readCredential } from '../database/credential'
import { forgetFailedTries, lockedUntil, recordFailedTry } from '../database/failed-try'
import { readPerson } from '../database/person'
import { nowIso } from '../clock'
import { verifySecret } from '../secrets'
import type { SignedIn } from '../http'
import type { Caller, Door } from './door'
import { spoken } from '../spoken'

/**
 * Whose act a command is. Without a signature, the session's person. With one, the person whose PIN it is, with that
 * person's rights, and the session's person is kept beside. The PIN goes no further than this.
 */
export async function signerOf({ pool, clock }: Door, who: SignedIn, signature: { readonly personId: string, readonly pin: string } | undefined): Promise<Caller | { readonly refused: readonly SpokenFinding[] }> {
  const { siteId, person: { personId: sessionPersonId }, holder } = who
  if (!signature) return { siteId, actor: { kind: 'person', personId: sessionPersonId }, holder }
  const now = nowIso(clock)
  const subject = `pin ${siteId} ${signature.personId}`
  const refused = (said: Finding) => ({ refused: [spoken(said)] })
  const untilIso = await lockedUntil(pool, subject, now)
  if (untilIso) return refused(finding('hold', 'command.pin-locked', { untilIso }))
  const [credential, signer] = await Promise.all([readCredential(pool, siteId, signature.personId), readPerson(pool, siteId, signature.personId)])
  if (!await verifySecret(credential?.pinHash, signature.pin) || !signer || signer.hasLeft) {
    await recordFailedTry(pool, subject, now)
    return refused(finding('hold', 'command.pin-wrong', {}))
  }
  await forgetFailedTries(pool, subject)
  const { personId, roles, areaId, bayId } = signer
  return { siteId, actor: { kind: 'person', personId, sessionPersonId }, holder: { roles, areaId, bayId }, isSigned: true }
}
