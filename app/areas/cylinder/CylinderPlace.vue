<script setup lang="ts">
import { judgePlace } from '#core/cylinder/judge-place'
import type { Yard } from '#core/cylinder/judge-place'
import type { CylindersReading, PlaceReading } from '#shared/contract/readings'
import { gasPages } from '~/words/gas'

const says = gasPages.place

/** A store as it stands: its plan, what is wrong in it, its cylinders. */
const { reading, here, yard, today, chosen } = defineProps<{
  reading: PlaceReading
  here: CylindersReading['cylinders']
  yard: Yard
  today: string
  chosen: string | null
}>()
const facts = useFacts()
const lookup = useLookup()
const session = useSession()
const q = useQuantities()
const router = useRouter()
const place = computed(() => reading.place)
const standing = computed(() => judgePlace(place.value, here, facts.rules.storageBasis, yard))
const isCylinder = (tag: string): boolean => yard.cylinders.some(({ cylinder }) => cylinder.tag === tag)
const tooNear = computed(() => misplaced(standing.value.storage.conflicts, isCylinder))
const holds = computed(() =>
  standing.value.findings.filter(({ severity, code }) => (severity === 'hold' && code !== 'storage.too-near') || severity === 'stop'),
)
const others = computed(() => standing.value.findings.filter(({ severity }) => severity === 'caution' || severity === 'note'))
const leak = computed(() => standing.value.worstLeak)
const LEAK_WORDS = {
  explosive: says.enoughToExplode,
  deficient: says.tooLittleToBreathe,
  enriched: says.soMuchThatClothesBurn,
  breathable: says.stillEnoughToBreathe,
} as const
</script>

<template>
  <section class="place">
    <header>
      <h2>{{ place.name }}</h2>
      <p class="soft">
        {{ place.room ? says.closed(q.volume(place.room.volumeM3)) : says.inTheOpen }}, {{ here.length }}
        {{ here.length === 1 ? says.cylinder : says.cylinders }}
        <template v-if="place.store">
          · {{ standing.storage.conflicts.length === 0 ? says.distancesKept : says.tooNear(standing.storage.conflicts.length) }}
        </template>
      </p>
      <NuxtLink
        v-if="session.may('keep-store')"
        class="key quiet link"
        :to="{ path: '/gas', query: { do: `place-${reading.placeId}` } }"
        prefetch-on="interaction"
      >
        {{ says.wallsAndSize }} <span class="visually-hidden">{{ says.of(place.name) }}</span>
      </NuxtLink>
    </header>
    <CylinderPlan
      v-if="here.length > 0 || place.store"
      :place="place"
      :here="here"
      :standing="standing"
      :chosen="chosen"
      @open="router.push(`/gas/${$event.toLowerCase()}`)"
    />
    <ul v-if="tooNear.length + holds.length > 0" class="holds">
      <li v-for="one in tooNear" :key="one.tag" class="said">
        {{ says.standsOrARatedWall(
          one.tag,
          one.with.map(({ tag, distanceM }) => says.from(q.distance(distanceM), tag)).join(', '),
          q.distance(one.requiredM),
        ) }} <b>{{ says.move(one.tag) }}</b>
      </li>
      <li v-for="(said, index) in holds.slice(0, 4)" :key="index" class="said">
        {{ lookup.say(said).message }} <b>{{ lookup.say(said).todo }}</b>
      </li>
      <li v-if="holds.length > 4" class="soft">
        {{ says.andMore(holds.length - 4) }}
      </li>
    </ul>
    <p v-if="leak" :class="{ 'state-hold': leak.verdict !== 'breathable' }">
      {{ says.ifAllOfLeakedOut(leak.tag) }} <b class="print">{{ Math.round(leak.oxygenPercent * 10) / 10 }} %</b> {{ says.oxygen(LEAK_WORDS[leak.verdict]) }}
    </p>
    <CylinderRow v-for="row in here" :key="row.tagId" :row="row" :today="today" :chosen="chosen === row.cylinder.tag" />
    <details v-if="others.length > 0">
      <summary>{{ says.alsoWorthKnowing(others.length) }}</summary>
      <CylinderFindings :findings="others" />
    </details>
  </section>
</template>

<style scoped>
.place {
  display: grid;
  gap: var(--space-4);
  margin-bottom: var(--space-9);
}
header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: var(--space-1) var(--space-6);
  border-bottom: var(--line-rule) solid var(--ink);
}
header .link {
  margin-left: auto;
  display: grid;
  place-items: center;
  min-height: 48px;
}
.holds {
  display: grid;
  gap: var(--space-3);
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
