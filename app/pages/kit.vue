<script setup lang="ts">
import { cylinderSentences } from '#shared/words/en/cylinder-findings'
import { kitItemSentences } from '#shared/words/en/kit-item-findings'
import { learnSentences } from '#shared/words/speak'
import { parseDate } from '@internationalized/date'
import { tagIdOf } from '#core/ids/tag'
import { isWholeKit, kitWith } from '#shared/beside'
import type { KitItemReading, KitReading } from '#shared/contract/readings'
import type { TableColumnOf } from '~/frame/table'
import { kitPages } from '~/words/kit'
import { kitWords } from '~/words/kit-words'

const says = kitPages.page

// The list keeps its place while things are opened beside it.
definePageMeta({ scrollToTop: false })
learnSentences(cylinderSentences)
learnSentences(kitItemSentences)

const session = useSession()
const route = useRoute()
const router = useRouter()
const chosen = computed(() => typeof route.params.tag === 'string' ? route.params.tag.toLowerCase() : null)
const panel = computed(() => typeof route.query.do === 'string' ? route.query.do : null)
const isAside = computed(() => chosen.value !== null || panel.value !== null || route.path === '/kit/round' || route.path === '/kit/lists')
const days = ref(14)
const beside = useBeside('item', () => chosen.value && tagIdOf(chosen.value), (): boolean => read.value !== null && isWholeKit(read.value))
const { reading: read, asOf, problem, readAnew } = useReading(
  'kit',
  () => ({ days: days.value }),
  (streamId): boolean => among('item/', 'check-lists', 'house-rules')(streamId) && !beside.passesOver(streamId),
)
beside.onClosing(readAnew)
const reading = computed(() => {
  if (!read.value) return null
  const listed = { asOf: asOf.value, untilDay: parseDate(read.value.today).add({ days: days.value }).toString() }
  return Object.values(beside.since.value).reduce<KitReading>((kit, since) => kitWith(kit, listed, since), read.value)
})
const late = computed(
  () => reading.value?.due.filter(({ dueOn }) => dueOn === 'now' || (dueOn !== null && dueOn < reading.value!.today)) ?? [],
)
const soon = computed(() => reading.value?.due.filter(one => !late.value.includes(one)) ?? [])
const capped = (count: number) => count >= 1000 ? says.over999 : String(count)
const { placeOf } = useWhere()
const whyListed = useWhyListed()
const listed = computed(() => [...reading.value?.out ?? [], ...late.value, ...soon.value])
const columns = computed<readonly TableColumnOf<KitItemReading>[]>(() => [
  { id: 'tag', header: says.tag, said: ({ item }) => item.tag, by: true },
  { id: 'kind', header: says.whatItIs, said: ({ item }) => kitWords.equipmentKinds[item.kind], by: true },
  { id: 'name', header: says.name, said: ({ item }) => item.name, by: true },
  { id: 'where', header: says.where, said: ({ item }) => placeOf(item.assignment), by: true },
  {
    id: 'standing',
    header: says.standing,
    said: one => [one.item.taggedOut ? `${says.out}:` : '', whyListed(one, reading.value!.today)].filter(Boolean).join(' '),
  },
])
const list = useList(() => listed.value, () => columns.value)
/** What most needs somebody: what is out before what is late, and what is late before what soon falls due. */
const first = computed(() => {
  const [one] = listed.value
  if (!one) return {}
  const { item, tagId } = one
  return {
    name: `${item.tag}, ${item.name}`,
    why: [item.taggedOut ? `${says.out}.` : '', whyListed(one, reading.value!.today)].filter(Boolean).join(' '),
    tone: item.taggedOut ? 'stop' as const : late.value.includes(one) ? 'hold' as const : 'to-do' as const,
    to: `/kit/${tagId}`,
  }
})
const isEmpty = computed(() => reading.value?.counts.all === 0)
</script>

<template>
  <FrameBoard
    :title="says.kit"
    :label="says.kit"
    :is-aside="isAside"
    :shares="[640, 640]"
    :problem="problem"
    :waits="reading ? undefined : says.readingTheRegister"
  >
    <template #keys>
      <NuxtLink class="key go link" to="/kit/round" prefetch-on="interaction">
        {{ says.walkARound }}
      </NuxtLink>
      <NuxtLink
        v-if="session.may('keep-store')"
        class="key link"
        :to="{ path: '/kit', query: { do: 'register' } }"
        prefetch-on="interaction"
      >
        {{ says.register }}
      </NuxtLink>
      <NuxtLink class="key link" to="/kit/lists" prefetch-on="interaction">
        {{ says.checkLists }}
      </NuxtLink>
      <NuxtLink class="key link" :to="{ path: '/kit', query: { do: 'sums' } }" prefetch-on="interaction">
        {{ says.sums }}
      </NuxtLink>
    </template>
    <template #before>
      <KitTagEntry :label="says.findAThing" @found="router.push(`/kit/${$event}`)" />
    </template>
    <template v-if="reading && isEmpty">
      <p class="lead">
        {{ says.nothingWearsATagYet }}
        <template v-if="session.may('keep-store')">
          {{ says.registerTheFirstThingIts }}
        </template>
        <template v-else>
          {{ says.theStoreKeeperRegistersThings }}
        </template>
      </p>
    </template>
    <template v-else-if="reading">
      <FrameListed :list="list" :columns="columns" name="kit">
        <template #row="{ row }">
          <KitRow :reading="row" :today="reading.today" :chosen="chosen === row.tagId" />
        </template>
        <section>
          <h2>{{ says.out }} <b :class="{ 'state-stop': reading.out.length > 0 }">{{ capped(reading.counts.out) }}</b></h2>
          <KitRow v-for="one in reading.out" :key="one.tagId" :reading="one" :today="reading.today" :chosen="chosen === one.tagId" />
          <p v-if="reading.out.length === 0" class="soft none">
            {{ says.nothingIsTaggedOut }}
          </p>
        </section>
        <section>
          <h2>{{ says.late }} <b :class="{ 'state-hold': late.length > 0 }">{{ capped(reading.counts.late) }}</b></h2>
          <KitRow v-for="one in late" :key="one.tagId" :reading="one" :today="reading.today" :chosen="chosen === one.tagId" />
          <p v-if="late.length === 0" class="soft none">
            {{ says.nothingIsPastItsDay }}
          </p>
        </section>
        <section>
          <h2>
            {{ says.dueInDays(days) }} <b>{{ soon.length }}</b>
            <FrameKey look="quiet" @click="days = days === 14 ? 60 : 14">
              {{ days === 14 ? says.twoMonths : says.twoWeeks }}
            </FrameKey>
          </h2>
          <KitRow v-for="one in soon" :key="one.tagId" :reading="one" :today="reading.today" :chosen="chosen === one.tagId" />
          <p v-if="soon.length === 0" class="soft none">
            {{ says.nothingFallsDueByThe }}
          </p>
        </section>
      </FrameListed>
    </template>
    <template #aside>
      <LazyKitRegister v-if="panel === 'register' && session.may('keep-store')" />
      <LazyKitSums v-else-if="panel === 'sums'" />
      <NuxtPage v-else-if="isAside" />
      <FrameFirst v-else v-bind="first" of="kit" :nothing="!reading || isEmpty || problem ? '' : says.noneOutOrDue" :how="says.howKitStands">
        <p><b>{{ says.out }}</b>{{ says.taggedOutNobodyCanBe }}</p>
        <p><b>{{ says.late }}</b>{{ says.aCheckByTheCalendar }}</p>
        <p>{{ says.theLookBeforeUseIs }}</p>
        <p class="soft">
          {{ says.intervalsArePublishedOrCommon }}
        </p>
      </FrameFirst>
    </template>
  </FrameBoard>
</template>

<style scoped>
.link { display: inline-grid; place-items: center; }
h2 { display: flex; align-items: center; gap: var(--space-5); border-bottom: var(--line-rule) solid var(--ink); min-height: 48px; }
h2 b { font-size: var(--type-big); font-weight: 900; }
h2 .key { margin-left: auto; font-size: var(--type-small); }
.none { padding: var(--space-5) 0; }
section { margin-bottom: var(--space-7); }
</style>
