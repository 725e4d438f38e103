<script setup lang="ts">
import { hotworkSentences } from '#shared/words/en/hotwork-findings'
import { learnSentences } from '#shared/words/speak'
import { isWholePermits, permitsWith } from '#shared/beside'
import type { PermitRow, PermitsReading } from '#shared/contract/readings'
import type { TableColumnOf } from '~/frame/table'
import { fireWords } from '~/words/fire-words'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.page

// The list keeps its place while permits are opened beside it.
definePageMeta({ scrollToTop: false })
learnSentences(hotworkSentences)
const session = useSession()
const lookup = useLookup()
const route = useRoute()
const chosen = computed(() => typeof route.params.permitId === 'string' ? route.params.permitId : null)
const panel = computed(() => typeof route.query.do === 'string' && chosen.value === null ? route.query.do : null)
const isAside = computed(() => chosen.value !== null || panel.value !== null)
const isWall = computed(() => route.path === '/hot-work/wall')
const facts = useFacts()
const beside = useBeside('permit', () => chosen.value, (): boolean => read.value !== null && isWholePermits(read.value))
const { reading: read, problem, readAnew } = useReading(
  'permits',
  () => ({}),
  (streamId): boolean => among('permit/')(streamId) && !beside.passesOver(streamId),
)
beside.onClosing(readAnew)
const reading = computed(() => read.value && Object.values(beside.since.value).reduce(permitsWith, read.value))
/** Screens that are heard, by whichever of the two readings says fewer: screens come and go without a change that is told. */
const screens = computed(() => Math.min(reading.value?.screens ?? 0, facts.reading?.fire.screens ?? 0))
/** Pages of the board after the first. */
const more = shallowRef<PermitsReading['live']>([])
const next = ref<PermitsReading['next']>(null)
watch(read, (fresh) => {
  more.value = []
  next.value = fresh?.next ?? null
})
async function older() {
  if (!next.value) return
  const reply = await askFor('permits', { after: next.value.after, afterTurn: next.value.afterTurn ?? undefined })
  if (!reply.ok) return
  more.value = [...more.value, ...reply.body.live]
  next.value = reply.body.next
}
const names = (people: readonly { readonly personId: string }[]): string =>
  people.map(({ personId }) => lookup.names.get(personId) ?? says.somebody).join(', ')
const live = computed(() => [...reading.value?.live ?? [], ...more.value])
const { moment } = useDates()
/** When it begins or ends: in words here, as an instant where another program reads it. */
const whenOf = (id: string, header: string, at: (row: PermitRow) => string): TableColumnOf<PermitRow> =>
  ({ id, header, said: row => moment(at(row)), taken: at, by: row => Date.parse(at(row)) })
const columns = computed<readonly TableColumnOf<PermitRow>[]>(() => [
  { id: 'code', header: says.code, said: ({ permit }) => permit.code, by: true },
  { id: 'where', header: says.where, said: ({ permit }) => permit.request.place.where, by: true },
  { id: 'work', header: says.work2, said: ({ permit }) => permit.request.job.what, by: true },
  { id: 'phase', header: says.phase, said: ({ permit }) => fireWords.phases[permit.phase], by: true },
  { id: 'watchers', header: says.watchers, said: ({ permit }) => names(permit.watchers), by: true },
  whenOf('from', says.from, ({ permit }) => permit.request.fromAt),
  whenOf('until', says.until, ({ permit }) => permit.untilAt),
])
const list = useList(() => [...live.value, ...reading.value?.ended ?? []], () => columns.value)
</script>

<template>
  <NuxtPage v-if="isWall" />
  <FrameBoard
    v-else
    :title="says.hotWork"
    :label="says.permit"
    :is-aside="isAside"
    :shares="[760, 520]"
    is-whole
    :problem="problem"
    :waits="reading ? undefined : says.readingThePermits"
  >
    <template #keys>
      <NuxtLink
        v-if="session.may('request-permit')"
        class="key go link"
        :to="{ path: '/hot-work', query: { do: 'request' } }"
        prefetch-on="interaction"
      >
        {{ says.askForAPermit }}
      </NuxtLink>
      <NuxtLink class="key link" :to="{ path: '/hot-work', query: { do: 'arc' } }" prefetch-on="interaction">
        {{ says.anArcWithoutOne }}
      </NuxtLink>
      <NuxtLink class="key link" to="/hot-work/wall" prefetch-on="interaction">
        {{ says.wall }}
      </NuxtLink>
    </template>
    <template v-if="reading">
      <div :class="{ 'is-narrow': isAside }">
        <FrameListed :list="list" :columns="columns" name="hot-work">
          <template #row="{ row }">
            <HotworkRow :row="row" :chosen="row.permitId === chosen" />
          </template>
          <section :aria-label="says.livePermits">
            <HotworkRow v-for="row in live" :key="row.permitId" :row="row" :chosen="row.permitId === chosen" />
            <p v-if="live.length === 0" class="none">
              {{ says.noHotWorkOutsideThe }}
            </p>
            <FrameKey v-if="next" @click="older">
              {{ says.more }}
            </FrameKey>
          </section>
          <section v-if="reading.ended.length > 0" class="ended">
            <h2>{{ says.ended }}</h2>
            <HotworkRow v-for="row in reading.ended" :key="row.permitId" :row="row" :chosen="row.permitId === chosen" />
          </section>
        </FrameListed>
      </div>
      <HotworkLegend v-if="!isAside" />
      <p class="soft screens">
        {{ screens >= 2 ? says.screensAreHeard(screens) : says.onlyThisScreenIsHeard }}
      </p>
    </template>
    <template #aside>
      <LazyHotworkRequest v-if="panel === 'request'" />
      <LazyHotworkArc v-else-if="panel === 'arc'" />
      <NuxtPage v-else-if="chosen" />
    </template>
  </FrameBoard>
</template>

<style scoped>
.link { display: inline-grid; place-items: center; }
.none { max-width: 62ch; padding: var(--space-7) 0; font-size: var(--type-lead); }
.ended { margin-top: var(--space-8); }
.ended h2 { border-bottom: var(--line-rule) solid var(--ink); padding-bottom: var(--space-2); }
.screens { padding-top: var(--space-6); }
.is-narrow :deep(.row) { grid-template-columns: minmax(0, 1.2fr) 186px minmax(0, 1fr); }
.is-narrow :deep(.row .who) { display: none; }
</style>
