<script setup lang="ts">
import { airPages } from '~/words/air'
import { framePages } from '~/words/frame'

const says = airPages.page
// The list keeps its place while bays are opened beside it.
definePageMeta({ scrollToTop: false })

const facts = useFacts()
const session = useSession()
const judged = useJudged()
const route = useRoute()
const bayId = computed(() => typeof route.params.bayId === 'string' ? route.params.bayId : null)
const panel = computed(() => typeof route.query.do === 'string' ? route.query.do : null)
const mayDescribe = computed(() => session.may('describe-air'))
const hall = computed(() => facts.site.halls.find(({ hallId }) => panel.value === `hall-${hallId}`) ?? null)
/** The bay whose air asked most of somebody when the page opened: it is not changed under a hand that tries something. */
const worstId = ref<string | null>(null)
watchEffect(() => {
  worstId.value ??= judged.placed.filter(({ station }) => station.job !== null).sort(worstAirFirst)[0]?.bay.bayId ?? null
})
const worst = computed(() => judged.placed.find(({ bay }) => bay.bayId === worstId.value) ?? null)
const q = useQuantities()
const lookup = useLookup()
const taken = () => ({
  fields: [says.bay, says.job, says.ofTheLimit, says.substance, says.standing],
  data: judged.placed.map(({ bay, station, verdict }) => {
    const gate = verdict.byId.air
    const { fraction = null, worst } = verdict.air.exposure ?? {}
    return [
      bay.label,
      station.job ? jobLine(station.job, q.value) : '',
      fraction === null ? '' : q.value.part(fraction),
      worst ? words.substances[worst.limit.substance] : '',
      [words.gateStates[gate.state], gate.findings[0] ? lookup.say(gate.findings[0]).message : ''].filter(Boolean).join('. '),
    ]
  }),
})
const isAside = computed(() => bayId.value !== null || panel.value !== null)
</script>

<template>
  <FrameBoard :title="says.air" :label="bayId ? says.airOfTheBay : says.air" :is-aside="isAside" :shares="[500, 780]" is-below>
    <template #keys>
      <NuxtLink class="key quiet link" :to="{ path: '/air', query: { do: 'around' } }" prefetch-on="interaction">
        {{ airPages.around.lightNoiseHeat }}
      </NuxtLink>
      <NuxtLink class="key quiet link" :to="{ path: '/air', query: { do: 'samples' } }" prefetch-on="interaction">
        {{ airPages.groups.samples }}
      </NuxtLink>
      <NuxtLink v-if="mayDescribe" class="key quiet link" :to="{ path: '/air', query: { do: 'sheets' } }">
        {{ says.dataSheets }}
      </NuxtLink>
      <NuxtLink v-if="mayDescribe" class="key quiet link" :to="{ path: '/air', query: { do: 'to-be' } }" prefetch-on="interaction">
        {{ airPages.toBe.key }}
      </NuxtLink>
    </template>
    <p class="lead">
      {{ says.whatIsBreathedAtEach(
        facts.rules.exposureBasis === 'strictest' ? says.theStrictestOfAllKnown : words.exposureBases[facts.rules.exposureBasis],
        Math.round(facts.rules.actionFraction * 100),
      ) }}
    </p>
    <AirHall v-for="one in facts.site.halls" :key="one.hallId" :hall="one" :chosen="bayId" />
    <p v-if="facts.site.halls.length === 0" class="soft">
      {{ says.noHallYetTheSafety }}
    </p>
    <FrameTakeOut v-if="judged.placed.length > 0" name="air" :rows="taken" :count="judged.placed.length" />
    <template #aside>
      <LazyAirHallForm v-if="hall && mayDescribe" :key="hall.hallId" :hall="hall" />
      <LazyAirSheets v-else-if="panel === 'sheets' && mayDescribe" />
      <LazyAirToBe v-else-if="panel === 'to-be' && mayDescribe" />
      <LazyAirAround v-else-if="panel === 'around'" />
      <LazyAirGroups v-else-if="panel === 'samples'" />
      <NuxtPage v-else-if="bayId" />
      <template v-else>
        <LazyAirBay v-if="worst" :key="worst.bay.bayId" :placed="worst" is-beside />
        <details v-if="worst" class="argued">
          <summary class="key quiet">
            {{ says.whatShopsArgueAbout }}
          </summary>
          <AirQuestions />
        </details>
        <AirQuestions v-else />
        <FrameTold of="air" :label="framePages.first.whatItMeans" />
      </template>
    </template>
  </FrameBoard>
</template>

<style scoped>
.link { display: grid; place-items: center; }
.lead { margin-bottom: var(--space-5); font-size: var(--type-small); }
.argued { border-top: var(--line-rule) solid var(--ink); margin-top: var(--space-6); }
.argued summary { display: inline-grid; place-items: center; min-height: 56px; }
</style>
