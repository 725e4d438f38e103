<script setup lang="ts">
import { protectionSentences } from '#shared/words/en/protection-findings'
import { learnSentences } from '#shared/words/speak'
import { shadeQuestionOf } from '#core/job/job'
import { jobsOfPerson } from '#core/job/jobs-of-person'
import type { WorkOfBay } from '#core/job/jobs-of-person'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { kitItemStream } from '#core/ids/streams'
import { tagIdOf } from '#core/ids/tag'
import { solveRack } from '#core/shade/rack'
import type { RackFit } from '#core/shade/rack'
import { rackHelmetOf } from '#core/shade/rack-of-register'
import { settledFor } from '#core/shade/settled-shade'
import { shadeRulesOf } from '#core/streams/house-rules/house-rules'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { workplaceOf } from '#core/streams/site/site'
import { isBefore } from '#core/time/instant'
import type { KitItemReading } from '#shared/contract/readings'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'
import { vStill } from '~/frame/still'

// The English sentences of what is worn come with the page that shows them; any other language has them from the start.
learnSentences(protectionSentences)

const says = stationPages.rack

/** The helmets of the shop for this person and all the jobs of their day: as they are set, with a step, or not, and why. */
const { placed } = defineProps<{ placed: Placed }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const { reading, problem } = useReading('kit/helmets', () => ({}), among('item/', 'check-lists'))
const { send, refused, busy } = useSender()

const personId = computed(() => placed.station.personId)
const workAt = ({ bay: { bayId }, station: { job, personId, earlierJobs } }: Placed): WorkOfBay => ({ bayId, job, personId, earlierJobs })
/** One helmet has to do for the whole day of whoever stands here, at every bay where they work. */
const jobs = computed(() =>
  jobsOfPerson(workAt(placed), judged.placed.map(workAt), judged.standing.now).map(({ bayId, job }) =>
    shadeQuestionOf(job, workplaceOf(judged.placed.find(({ bay }) => bay.bayId === bayId)?.bay ?? placed.bay))))
/** What somebody said that their helmet is set to, since they have it. */
function saidOf({ tag, assignment, assignedAt }: KitItem): number | undefined {
  const { helmet } = placed.station
  const isTheirs = assignment?.to === 'person' && assignment.id === personId.value
  const isOfIt = helmet?.tag === undefined || helmet.tag === tagIdOf(tag)
  return helmet && isTheirs && isOfIt && !(assignedAt && isBefore(helmet.at, assignedAt)) ? helmet.shade : undefined
}
const solved = computed(() => {
  const { welder } = judged.viewAt(placed.bay).forPerson(personId.value)
  const [first] = jobs.value
  if (!reading.value || !first) return null
  const { today, lists, helmets } = reading.value
  return solveRack(
    jobs.value,
    helmets.map(({ item }) => rackHelmetOf(item, today, listsInForce(lists), saidOf(item))),
    {
      rules: shadeRulesOf(facts.rules),
      person: { oneDarker: welder?.isOneDarker ?? false, settledShade: settledFor(welder?.settled ?? [], first) },
    },
  )
})
const byTag = computed(() => new Map((reading.value?.helmets ?? []).map(helmet => [helmet.item.tag, helmet])))
interface Offered extends RackFit { readonly helmet: KitItemReading, readonly holder: string | null, readonly isTheirs: boolean }
const offered = computed<readonly Offered[]>(() =>
  (solved.value?.helmets ?? []).flatMap((fit) => {
    const helmet = byTag.value.get(fit.id)
    if (!helmet) return []
    const { assignment } = helmet.item
    const isTheirs = assignment?.to === 'person' && assignment.id === personId.value
    const holder = assignment?.to === 'person' && !isTheirs ? lookup.names.get(assignment.id) ?? says.somebody : null
    return [{ ...fit, helmet, holder, isTheirs }]
  }))
/** Those that do and hang free, then those that somebody has; what cannot do it comes after, folded. */
const able = computed(() =>
  offered.value.filter(({ fit }) => fit !== 'cannot').toSorted((a, b) => Number(a.holder !== null) - Number(b.holder !== null)))
const unable = computed(() => offered.value.filter(({ fit }) => fit === 'cannot'))
/** What a person has to be told of it: what to do, or why not; what is right needs no words. */
const toldOf = ({ findings }: RackFit): readonly string[] =>
  lookup
    .sayAll(findings.filter(({ severity }) => severity !== 'note'))
    .map(({ message, todo }) => [message, todo].filter(Boolean).join(' '))

async function give({ helmet }: Offered) {
  if (personId.value === null) return
  await send('item.assign', { id: kitItemStream(helmet.tagId), expectedVersion: helmet.version }, {
    assignment: { to: 'person', id: personId.value },
  })
}
const shownAtOnce = ref(4)
</script>

<template>
  <section class="rack" :aria-label="says.rack">
    <h4>{{ says.rack }} <small v-if="jobs.length > 1" class="soft">{{ says.forJobs(jobs.length) }}</small></h4>
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <template v-if="solved">
      <p v-if="able.length === 0" class="said">
        {{ offered.length === 0 ? says.noHelmet : says.noneDoes }}
      </p>
      <ul v-still="able.map(({ id }) => id).join()">
        <li v-for="one in able.slice(0, shownAtOnce)" :key="one.id">
          <span class="what">
            <b><NuxtLink :to="`/kit/${one.helmet.tagId}`">{{ one.id }}</NuxtLink></b> {{ one.helmet.item.name }}
            <small :class="one.fit === 'as-set' ? 'state-open' : 'state-hold'">
              {{ says.fits[one.fit] }}<template v-if="one.setTo !== null">, {{ says.at(q.shade(one.setTo)) }}</template>
            </small>
            <small v-for="line in toldOf(one)" :key="line" class="soft">{{ line }}</small>
          </span>
          <span v-if="one.isTheirs" class="state-open">{{ says.theirs }}</span>
          <span v-else-if="one.holder" class="soft">{{ says.with(one.holder) }}</span>
          <FrameKey v-else :disabled="busy || personId === null" @click="give(one)">
            {{ placed.personName ? says.give(placed.personName) : says.placeSomebodyFirst }}
            <span class="visually-hidden">{{ one.id }}</span>
          </FrameKey>
        </li>
      </ul>
      <FrameKey v-if="able.length > shownAtOnce" look="quiet" @click="shownAtOnce = able.length">
        {{ says.more(able.length - shownAtOnce) }}
      </FrameKey>
      <FrameRefused :says="refused" />
      <details v-if="unable.length > 0">
        <summary>{{ says.cannot(unable.length) }}</summary>
        <ul>
          <li v-for="one in unable" :key="one.id">
            <span class="what"><b>{{ one.id }}</b> {{ one.helmet.item.name }}
              <small v-for="line in toldOf(one)" :key="line" class="soft">{{ line }}</small></span>
          </li>
        </ul>
      </details>
    </template>
  </section>
</template>

<style scoped>
.rack { display: grid; gap: var(--space-3); }
h4 { font-weight: 750; margin-top: var(--space-3); }
li {
  display: flex; flex-wrap: wrap; gap: var(--space-4); align-items: center; padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.what { flex: 1 1 200px; }
small { display: block; font-size: var(--type-fine); }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 650; }
</style>
