<script setup lang="ts">
import { tagIdOf } from '#core/ids/tag'
import { judgePlace } from '#core/cylinder/judge-place'
import type { Yard } from '#core/cylinder/judge-place'
import { cylinderSentences } from '#shared/words/en/cylinder-findings'
import { kitItemSentences } from '#shared/words/en/kit-item-findings'
import { learnSentences } from '#shared/words/speak'
import { newest } from '#shared/beside'
import { regulatorsToTakeOff } from '#core/cylinder/week-end'
import { gasPages } from '~/words/gas'

const says = gasPages.page

// The list keeps its place while cylinders are opened beside it.
definePageMeta({ scrollToTop: false })
learnSentences(cylinderSentences)
learnSentences(kitItemSentences)

const facts = useFacts()
const session = useSession()
const lookup = useLookup()
const q = useQuantities()
const route = useRoute()
const panel = computed(() => typeof route.query.do === 'string' ? route.query.do : null)
const chosen = computed(() => typeof route.params.tag === 'string' ? route.params.tag.toUpperCase() : null)
const isAside = computed(() => chosen.value !== null || panel.value !== null)
/** The opened cylinder reads itself: the list shows what it read. */
const beside = useBeside(
  'cylinder',
  () => chosen.value && tagIdOf(chosen.value),
  (): boolean => reading.value?.cylinders.some(({ tagId }) => chosen.value !== null && tagId === tagIdOf(chosen.value)) ?? false,
)
const { reading, problem, readAnew } = useReading(
  'gas',
  () => ({}),
  (streamId): boolean => among('cylinder/', 'place/', 'house-rules')(streamId) && !beside.passesOver(streamId),
)
beside.onClosing(readAnew)
const rows = computed(
  () =>
    reading.value?.cylinders
      .map(row => newest(row, beside.since.value[row.tagId]))
      .filter(({ cylinder }) => !cylinder.isReturned) ?? [],
)
const at = (placeId: string) => rows.value.filter(({ cylinder: { standing } }) => standing?.in === 'place' && standing.placeId === placeId)
const bays = computed(() =>
  facts.site.bays
    .map(bay => ({
      bay,
      here: rows.value.filter(({ cylinder: { standing } }) => standing?.in === 'bay' && standing.bayId === bay.bayId),
    }))
    .filter(one => one.here.length > 0),
)
const editedPlace = computed(() => reading.value?.places.find(({ placeId }) => panel.value === `place-${placeId}`) ?? null)
const week = computed(() =>
  reading.value
    ? regulatorsToTakeOff(
        rows.value.map(({ cylinder }) => cylinder),
        facts.rules,
        reading.value.today,
      )
    : null,
)
const columns = useCylinderColumns(() => reading.value)
const list = useList(() => rows.value, () => columns.value)
/** All places on the one grid: distances are kept over the edge of a place as well. */
const yard = computed<Yard>(() => ({
  places: reading.value?.places.map(({ placeId, place }) => ({ ...place, placeId })) ?? [],
  cylinders: rows.value,
}))
const tooNear = computed(() => yard.value.places.flatMap(place =>
  misplaced(
    judgePlace(place, at(place.placeId), facts.rules.storageBasis, yard.value).storage.conflicts,
    tag => rows.value.some(({ cylinder }) => cylinder.tag === tag),
  )))
/** What most needs somebody: a cylinder that stops work, then two that stand too near, then one that holds work. */
const first = computed(() => {
  const worst = (severity: 'stop' | 'hold') => rows.value
    .map(row => ({ row, found: row.fact.findings.find(found => found.severity === severity) }))
    .find(({ found }) => found !== undefined)
  const stops = worst('stop')
  const [near] = tooNear.value
  if (!stops && near) {
    const { tag, requiredM, with: [nearest] } = near
    const why = says.standsTooNear(q.value.distance(nearest!.distanceM), nearest!.tag, q.value.distance(requiredM))
    return { name: tag, why, tone: 'hold' as const, to: `/gas/${tagIdOf(tag)}` }
  }
  const one = stops ?? worst('hold')
  if (!one) return {}
  const { row, found } = one
  const tone = stops ? 'stop' as const : 'hold' as const
  return { name: row.cylinder.tag, why: lookup.say(found!).message, tone, to: `/gas/${row.tagId}` }
})
</script>

<template>
  <FrameBoard
    :title="says.gas"
    :label="says.gas"
    :is-aside="isAside"
    :shares="[700, 580]"
    :problem="problem"
    :waits="reading ? undefined : says.readingTheStore"
  >
    <!-- All at once, with the list: the key of the week knows its number only then, and would push the others from under a hand. -->
    <template v-if="reading" #keys>
      <NuxtLink
        v-if="session.may('keep-store')"
        class="key go link"
        :to="{ path: '/gas', query: { do: 'receive' } }"
        prefetch-on="interaction"
      >
        {{ says.receive }}
      </NuxtLink>
      <NuxtLink
        v-if="week && week.rule !== 'on-in-daily-use'"
        class="key link"
        :to="{ path: '/gas', query: { do: 'week' } }"
        prefetch-on="interaction"
      >
        {{ says.regulatorsOn(week.list.length) }}
      </NuxtLink>
      <NuxtLink class="key link" :to="{ path: '/gas', query: { do: 'sums' } }" prefetch-on="interaction">
        {{ says.sums }}
      </NuxtLink>
    </template>
    <template v-if="reading">
      <p v-if="reading.places.length === 0" class="lead">
        {{ says.noPlaceYet }}
        <template v-if="session.may('keep-store')">
          {{ says.describeTheCageFirstIts }}
        </template>
        <template v-else>
          {{ says.theStoreKeeperDescribesThe }}
        </template>
      </p>
      <FrameListed :list="list" :columns="columns" name="gas">
        <template #row="{ row }">
          <CylinderRow :row="row" :today="reading.today" :chosen="chosen === row.cylinder.tag" />
        </template>
        <CylinderPlace
          v-for="place in reading.places"
          :key="place.placeId"
          :reading="place"
          :here="at(place.placeId)"
          :yard="yard"
          :today="reading.today"
          :chosen="chosen"
        />
        <section v-if="bays.length > 0" class="bays">
          <h2>{{ says.atTheBays }}</h2>
          <template v-for="{ bay, here } in bays" :key="bay.bayId">
            <h3>{{ says.bay(bay.label) }}</h3>
            <CylinderRow v-for="row in here" :key="row.tagId" :row="row" :today="reading.today" :chosen="chosen === row.cylinder.tag" />
          </template>
        </section>
      </FrameListed>
      <NuxtLink
        v-if="session.may('keep-store')"
        class="key link"
        :to="{ path: '/gas', query: { do: 'place-new' } }"
        prefetch-on="interaction"
      >
        {{ says.describe(reading.places.length === 0 ? says.aPlace : says.anotherPlace) }}
      </NuxtLink>
    </template>
    <template #aside>
      <template v-if="reading">
        <LazyCylinderReceive v-if="panel === 'receive' && session.may('keep-store')" :places="reading.places" :here="rows" />
        <LazyCylinderWeek v-else-if="panel === 'week' && week" :week="week" />
        <LazyCylinderSums v-else-if="panel === 'sums'" />
        <LazyCylinderPlaceForm
          v-else-if="(editedPlace || panel === 'place-new') && session.may('keep-store')"
          :key="panel ?? ''"
          :reading="editedPlace"
        />
        <NuxtPage v-else-if="chosen" :places="reading.places" :others="rows" />
        <FrameFirst v-else v-bind="first" of="gas" :nothing="rows.length === 0 || problem ? '' : says.noneStopsOrHolds" :how="says.howToRead">
          <CylinderLegend />
        </FrameFirst>
      </template>
    </template>
  </FrameBoard>
</template>

<style scoped>
.link { display: inline-grid; place-items: center; }
.bays { margin-bottom: var(--space-8); }
.bays h2 { border-bottom: var(--line-rule) solid var(--ink); padding-bottom: var(--space-2); }
.bays h3 { font-size: var(--type-body); padding-top: var(--space-4); }
</style>
