import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import { isAfter } from '#core/time/instant'
import type { SpokenFinding } from '#shared/words/spoken'
import { readCredential } from '../tables/credential'
import { giveBack, pinSubject, returnTry, takeTry } from '../tables/failed-try'
import { readPerson } from '../tables/person'
import { nowIso } from '../clock'
import { areDemoSignInsRefused } from '../demo-sign-ins'
import { verifySecret } from '../secrets'
import type { SignedIn } from '../signed-in'
import { spoken } from '../spoken'
import type { Caller } from './caller'
import type { Door } from './door'

/**
 * Whose act a command is. Without a signature, the session's person. With one, the person whose PIN it is, with that
 * person's rights, and the session's person is kept beside. The PIN goes no further than this.
 */
export async function signerOf(
  { pool, clock }: Door,
  who: SignedIn,
  signature: { readonly personId: string, readonly pin: string } | undefined,
): Promise<Caller | { readonly refused: readonly SpokenFinding[] }> {
  const {
    siteId,
    person: { personId: sessionPersonId },
    holder,
  } = who
  if (!signature) return { siteId, actor: { kind: 'person', personId: sessionPersonId }, holder }
  const now = nowIso(clock)
  const subjects = [pinSubject(siteId, signature.personId, sessionPersonId)]
  const refused = (said: Finding) => ({ refused: [spoken(said)] })
  const untilIso = await takeTry(pool, subjects, now)
  if (untilIso) return refused(finding('hold', 'command.pin-locked', { untilIso }))
  const [credential, signer] = await Promise.all([
    readCredential(pool, siteId, signature.personId),
    readPerson(pool, siteId, signature.personId),
  ])
  const matches = await verifySecret(credential?.pinHash, signature.pin).catch(async (error: unknown) => {
    await returnTry(pool, subjects)
    throw error
  })
  if (!matches || !signer || signer.hasLeft) return refused(finding('hold', 'command.pin-wrong', {}))
  await giveBack(pool, subjects)
  if (credential!.isDemo && areDemoSignInsRefused()) return refused(finding('hold', 'command.pin-of-demo', {}))
  const { signsFrom } = credential!
  if (signsFrom !== null && isAfter(signsFrom, now)) return refused(finding('hold', 'command.pin-too-new', { fromIso: signsFrom }))
  const { personId, roles, areaId, bayId } = signer
  return { siteId, actor: { kind: 'person', personId, sessionPersonId }, holder: { roles, areaId, bayId }, isSigned: true }
}
