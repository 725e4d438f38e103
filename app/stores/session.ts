import { defineStore } from 'pinia'
import { mayDo } from '#core/rights/rights'
import type { CompetenceId } from '#core/ids/vocabulary'
import type { Place } from '#core/rights/rights'
import type { SessionReading } from '#shared/contract/readings'
import type { RightId } from '#core/ids/rights'
import { languageOfDevice, speakLanguage } from '~/words/live'

/** Who is signed in on this device. */
export const useSession = defineStore('session', () => {
  const reading = shallowRef<SessionReading | null>(null)
  const { heard } = useClock()

  async function load(): Promise<SessionReading | null> {
    const reply = await askFor('session')
    if (reply.ok) {
      reading.value = reply.body
      const { person: who, site: where } = reply.body
      await speakLanguage(who ? who.language ?? where?.language ?? 'en' : languageOfDevice())
      heard(reply.body.now)
    }
    return reading.value
  }

  async function signIn(loginName: string, password: string) {
    const reply = await sendTo('sign-in', { loginName, password })
    if (reply.ok) await load()
    return reply
  }

  async function signOut(everywhere = false) {
    await sendTo(everywhere ? 'sign-out-everywhere' : 'sign-out', {})
    await load()
  }

  const person = computed(() => reading.value?.person ?? null)
  const site = computed(() => reading.value?.site ?? null)
  const may = (right: RightId, place?: Place): boolean => person.value !== null && mayDo(person.value, right, place)

  /** Named competent for a kind of equipment, or the safety lead. */
  const isCompetent = (kind: CompetenceId): boolean =>
    person.value !== null && (person.value.roles.includes('safety-lead') || person.value.competences.includes(kind))
  return { isCompetent, reading, person, site, load, signIn, signOut, may }
})
