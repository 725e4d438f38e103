import { plain } from '#core/commandline/plain'
import { readLine } from '#core/commandline/read-line'
import type { Job } from '#core/job/job'
import { shadeQuestionOf } from '#core/job/job'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { NO_STANDING } from '#core/clearance/kit-around'
import { shownTag, TAG_PATTERN, tagIdOf } from '#core/ids/tag'
import type { Quantities } from '#shared/words/quantities'
import { requiredShade } from '#core/shade/required-shade'
import { shadeRulesOf } from '#core/streams/house-rules/house-rules'
import { framePages } from '~/words/frame'

const says = framePages.commandLine

/** One way of a doubt in words. */
function optionWords(job: Partial<Job>, q: Quantities): string {
  const { process } = job
  if (process !== undefined) return words.processes[process]
  if (Object.keys(job).length === 0) return says.neitherLeaveItOut
  const said = jobParts({ process: 'smaw', ...job }, q).filter(({ field }) => field !== 'process').map(({ text }) => text)
  return said.join(', ')
}

const isJob = (job: Partial<Job>): job is Job => job.process !== undefined

/** What the line says so far, and what Enter would do. Everything is worked out on this device. */
export function useCommandLine(typed: () => string) {
  const text = computed(typed)
  const facts = useFacts()
  const judged = useJudged()
  const lookup = useLookup()
  const q = useQuantities()
  const session = useSession()
  const route = useRoute()
  const read = computed(() => readLine(text.value))

  /** The bay named by its number, or by who stands there. */
  const named = computed(() => {
    const { bayLabel, unread } = read.value
    if (bayLabel) return judged.placed.find(({ bay }) => plain(bay.label) === bayLabel)
    const name = unread.join(' ')
    return name.length < 2
      ? undefined
      : judged.placed.find(({ personName }) => {
          const known = plain(personName ?? '')
          return known.startsWith(name) || known.split(' ').some(part => part.startsWith(name))
        })
  })

  /** A thing or a cylinder in use, by its tag; others are looked for when Enter is pressed. */
  const tagged = computed(() => {
    const tagId = tagIdOf(text.value)
    if (!TAG_PATTERN.test(tagId) || !tagId.includes('-')) return null
    const kit = facts.reading?.kit ?? NO_STANDING
    const cylinder = Object.values(kit.cylinders)
      .flat()
      .find(({ tag }) => tag === shownTag(tagId))
    if (cylinder) return { tagId, page: `/gas/${tagId}`, findings: cylinder.findings, name: shownTag(tagId) }
    const item = [...Object.values(kit.items), ...Object.values(kit.worn)].flat().find(({ tag }) => tag === shownTag(tagId))
    return item ? { tagId, page: `/kit/${tagId}`, findings: item.findings, name: `${item.tag}, ${item.name}` } : null
  })

  /** The name or tag that the left-over words are, if they are one. */
  const isNamed = computed(() => named.value !== undefined || tagged.value !== null)
  /** What the line was understood to say, each part in words, as it will be taken. */
  const chips = computed(() => {
    const { job, bayLabel } = read.value
    if (tagged.value) return []
    const parts = jobParts({ process: 'gmaw', ...job }, q.value)
      .filter(({ field }) => field !== 'process' || job.process !== undefined)
      .map(({ text: said }) => said)
    return [...(bayLabel
      ? [says.bay(
          bayLabel,
        )]
      : []), ...parts, ...(job.coatingStripped && job.coating === undefined ? [says.stripped] : [])]
  })
  /** Words that can be meant in two ways, each way with the line that says it. */
  const doubts = computed(() =>
    tagged.value
      ? []
      : read.value.doubts.map(({ words: asked, options }) => ({
          asked,
          options: options.map(({ line, job }) => ({ line, option: optionWords(job, q.value) })),
        })),
  )
  /** Words that meant nothing, where they are neither a name nor a tag. */
  const unread = computed(() => (isNamed.value || Object.keys(read.value.job).length === 0 ? [] : read.value.unread))
  const isAsking = computed(() => doubts.value.length > 0 || unread.value.length > 0)
  const without = (word: string) =>
    text.value
      .split(/[\s,;]+/)
      .filter(one => one.toLowerCase() !== word)
      .join(' ')

  const here = computed(() => (typeof route.params.bayId === 'string' ? lookup.find(route.params.bayId) : undefined))

  const answer = computed(() => {
    const { job, bayLabel, unread } = read.value
    if (!text.value.trim()) return ''
    const parts: string[] = []
    if (tagged.value) {
      const { findings, name } = tagged.value
      return [`${name}:`, findings[0] ? lookup.say(findings[0]).message : says.inService].join(' ')
    }
    if (isJob(job) && !isAsking.value) {
      const shade = requiredShade(shadeQuestionOf(job, 'general'), shadeRulesOf(facts.rules))
      const gloves = requiredOutfit(job, facts.rules).find(({ zone }) => zone === 'hands')
      parts.push(
        shade.minimum === null
          ? shade.findings[0]
            ? lookup.say(shade.findings[0]).message
            : says.noShadeAnswersThis
          : says.startAtNeverUnder(shade.start ?? shade.minimum, shade.minimum, words.ruleSets[shade.bindingRuleSet!]),
      )
      if (gloves) parts.push(`${words.requirements[gloves.requirement]}.`)
    }
    if (named.value) {
      const { bay, personName, verdict } = named.value
      parts.push(says.bay2(bay.label, personName ? `, ${personName}` : '', words.stationWords[verdict.word]))
    } else if (bayLabel) parts.push(says.thereIsNoBay(bayLabel))
    if (parts.length === 0 && !isAsking.value)
      parts.push(
        Object.keys(job).length > 0 ? says.whichProcess : says.isNotAProcessA(unread.join(' ')),
      )
    return parts.join(' ')
  })

  /**
   * Opens the bay named; a job goes to its card, or to the bay that is open, or is answered in full. False when there is nothing to open.
   */
  async function open(): Promise<boolean> {
    const { job } = read.value
    // Nothing is applied that was not shown, and nothing in doubt.
    if (isAsking.value) return false
    if (tagged.value) {
      await navigateTo(tagged.value.page)
      return true
    }
    const target = named.value ?? (isJob(job) ? here.value : undefined)
    if (isJob(job) && target && session.may('set-jobs')) {
      typedJob.value = job
      await navigateTo({ path: `/bay/${target.bay.bayId}`, query: { do: 'job', typed: text.value } })
      return true
    }
    if (named.value) {
      await navigateTo(`/bay/${named.value.bay.bayId}`)
      return true
    }
    if (!isJob(job)) return openTag()
    await navigateTo({ path: '/', query: { ask: text.value } })
    return true
  }

  /** Not in use, it may still be in the store; or the code of a permit. */
  async function openTag(): Promise<boolean> {
    const tagId = tagIdOf(text.value)
    const permit = /^hw-[a-z0-9]{6}$/.test(tagId) ? await askFor('permits', { limit: 100 }) : null
    const found = permit?.ok
      ? [...permit.body.live, ...permit.body.ended].find(({ permit: { code } }) => code.toLowerCase() === tagId)
      : undefined
    if (found) {
      await navigateTo(`/hot-work/${found.permitId}`)
      return true
    }
    if (!TAG_PATTERN.test(tagId)) return false
    for (const [route, page] of [
      ['items/{tag}', `/kit/${tagId}`],
      ['cylinders/{tag}', `/gas/${tagId}`],
    ] as const) {
      if (!(await askFor(route, { tag: tagId })).ok) continue
      await navigateTo(page)
      return true
    }
    return false
  }

  return { answer, chips, doubts, unread, without, open }
}
