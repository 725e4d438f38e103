<script setup lang="ts">
import { DAY_PLANS_STREAM, stationStream } from '#core/ids/streams'
import { jobsOf, keptDay, openDay, PLAIN_PIECES } from '#core/opening/open-day'
import { jobLine } from '~/areas/station/useJobWords'
import { openingPages } from '~/words/opening'

const says = openingPages.day

/** A day that was kept is opened again: who stands where and what is welded, for all its bays in one go; and this one is kept. */
const facts = useFacts()
const judged = useJudged()
const session = useSession()
const q = useQuantities()
const { whereabouts } = useWhereabouts()
const { reading, problem } = useReading('day-plans', () => ({}), among(DAY_PLANS_STREAM))
const { send, busy, refused } = useSender()
const plans = computed(() => reading.value?.plans ?? [])
const chosen = ref('')
const plan = computed(() => plans.value.find(({ planId }) => planId === chosen.value))
/** What nobody says again is not known: it was so of the workpieces of another day. */
const arePlain = ref(false)
watch(chosen, () => {
  arePlain.value = false
})
const now = computed(() => judged.placed
  .filter(({ bay, area }) => area !== undefined && session.may('set-jobs', { bayId: bay.bayId, areaId: bay.areaId }))
  .map(({ bay, station: { personId, job } }) => ({ bayId: bay.bayId, personId, job })))
const here = computed(() => new Set(facts.reading?.people.map(({ personId }) => personId)))
const mayStand = (personId: string) => here.value.has(personId) && whereabouts.value.get(personId)?.watchesAt == null
const day = computed(() => plan.value && openDay(plan.value, now.value, mayStand, arePlain.value ? PLAIN_PIECES : {}))
const jobs = computed(() => day.value ? jobsOf(day.value) : [])
const comers = computed(() => day.value?.bays.filter(({ comes }) => comes === 'comes') ?? [])
const setting = computed(() => jobs.value.reduce((sum, { bayIds }) => sum + bayIds.length, 0))
const labelOf = (bayId: string) => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
const nameOf = (personId: string | null) => personId === null ? says.nobody : facts.names.get(personId) ?? says.whoLeft

/** Jobs first, by the bays as they were seen; then whoever comes, all at once. The first that is refused ends it, and is said. */
async function open() {
  const versions = new Map(judged.placed.map(({ bay, version }) => [bay.bayId, version]))
  for (const { job, bayIds } of jobs.value) {
    const on = bayIds.map(bayId => ({ id: stationStream(bayId), expectedVersion: versions.get(bayId) ?? null }))
    if (!(await send('station.set-job', on, { job })).ok) return
  }
  if (comers.value.length > 0) {
    const on = comers.value.map(({ bayId }) => ({ id: stationStream(bayId), expectedVersion: null }))
    const sent = await send('station.place-people', on, {
      people: Object.fromEntries(comers.value.map(({ bayId, personId }) => [bayId, personId])),
    })
    if (!sent.ok) return
  }
  chosen.value = ''
}

const name = ref('')
const isKeeping = ref(false)
/** Under the name of another it takes its place. */
const sameName = computed(() => plans.value.find(one => one.name.trim().toLowerCase() === name.value.trim().toLowerCase()))
const kept = computed(() => keptDay(now.value))
async function keep() {
  if (!kept.value || name.value.trim() === '') return
  const planId = sameName.value?.planId ?? makeUuid()
  const sent = await send('day-plan.keep', on(), { planId, name: name.value.trim(), bays: kept.value })
  if (!sent.ok) return
  isKeeping.value = false
  name.value = ''
}
async function drop() {
  const sent = await send('day-plan.drop', on(), { planId: chosen.value })
  if (sent.ok) chosen.value = ''
}
const on = () => ({ id: DAY_PLANS_STREAM, expectedVersion: reading.value?.version ?? null })
</script>

<template>
  <section class="day" :aria-label="says.aDay">
    <FrameSelect
      v-model="chosen"
      :label="says.aDay"
      :ids="plans.map(({ planId }) => planId)"
      :named="id => plans.find(({ planId }) => planId === id)?.name ?? ''"
      :none="plans.length === 0 ? says.noneKept : says.chooseADay"
      :hint="says.hint"
    />
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <template v-if="plan && day">
      <ul :aria-label="says.whatItBrings">
        <li v-for="{ bayId, personId, job, comes } in day.bays" :key="bayId">
          <b class="print">{{ labelOf(bayId) }}</b>
          <span>
            {{ nameOf(personId) }} <em v-if="says.comes[comes]" class="state-hold">{{ says.comes[comes] }}</em>
            <small>{{ job ? jobLine(job, q) : says.noJob }}</small>
          </span>
        </li>
      </ul>
      <p v-if="day.gone.length > 0" class="state-hold">
        {{ says.notInUse(day.gone.map(labelOf).join(', ')) }}
      </p>
      <FrameTick v-model="arePlain" :label="says.arePlain" />
      <FrameRefused :says="refused" />
      <p v-if="comers.length + setting === 0">
        {{ says.standsAlready }}
      </p>
      <FrameKey v-else look="go" :disabled="busy" @click="open">
        {{ says.openIt(comers.length, setting) }}
      </FrameKey>
      <FrameAsk :asks="says.dropped(plan.name)" :does="says.drop" :busy="busy" @done="drop">
        {{ says.drop }}
      </FrameAsk>
    </template>
    <template v-else-if="isKeeping">
      <FrameText v-model="name" :label="says.itsName" :hint="sameName ? says.takesThePlaceOf(sameName.name) : says.whatIsKept" />
      <FrameRefused :says="refused" />
      <FrameKey look="go" :disabled="busy || !kept || name.trim() === ''" @click="keep">
        {{ says.keepIt }}
      </FrameKey>
      <FrameKey @click="isKeeping = false">
        {{ says.notNow }}
      </FrameKey>
    </template>
    <FrameKey v-else-if="kept" @click="isKeeping = true">
      {{ says.keepThisDay }}
    </FrameKey>
  </section>
</template>

<style scoped>
.day { display: grid; gap: var(--space-3); justify-items: start; }
.day > :first-child { max-width: 560px; width: 100%; }
ul { display: grid; grid-template-columns: repeat(auto-fill, minmax(220px, 1fr)); gap: var(--space-2) var(--space-6); width: 100%; }
li { display: grid; grid-template-columns: 40px minmax(0, 1fr); align-items: baseline; align-content: start; }
li small { display: block; color: var(--soft); }
em { font-style: normal; }
</style>
