import { defineStore } from 'pinia'
import type { Finding } from '#core/findings/finding'
import { speak } from '~/words/speak'
import type { Placed } from '~/stores/judged'

/** Who and what is meant by an id, and a finding in this shop's words and units. */
export const useLookup = defineStore('lookup', () => {
  const facts = useFacts()
  const judged = useJudged()
  const names = computed(() => facts.names)
  const say = (said: Finding) => speak(said, facts.rules.units)
  /** Findings in words; what to do is said once, not after each of them. */
  const sayAll = (findings: readonly Finding[]) =>
    findings.map(say).map((said, i, all) => (all.slice(0, i).some(({ todo }) => todo === said.todo) ? { ...said, todo: null } : said))
  const find = (bayId: string): Placed | undefined => judged.placed.find(({ bay }) => bay.bayId === bayId)

  return { names, say, sayAll, find }
})
