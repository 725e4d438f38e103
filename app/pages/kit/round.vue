<script setup lang="ts">
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { listsToDo } from '#core/inspection/round'
import { kitWords } from '~/words/kit-words'
import type { KitItemReading } from '#shared/contract/readings'
import { kitPages } from '~/words/kit'
import { vStill } from '~/frame/still'

const says = kitPages.roundPage

/** The round: everything in use in walking order, one thing at a time, large. */
const session = useSession()
const { reading, problem, refresh } = useReading('kit/round', () => ({}), ROUND_RESTS_ON)
const lists = computed(() => reading.value ? listsInForce(reading.value.lists) : [])
const places = computed(
  () =>
    reading.value?.stops.map(stop => ({
      ...stop,
      items: stop.items.map(one => ({
        ...one,
        toDo: listsToDo(one.item, lists.value, reading.value!.today, session.isCompetent(one.item.kind)),
      })),
    })) ?? [],
)
/** Left for later, or jumped to by tag. */
const skipped = ref<readonly string[]>([])
const wanted = ref<string | null>(null)
const open = computed(() =>
  places.value.flatMap(({ where, items }) => items.filter(({ toDo }) => toDo.length > 0).map(one => ({ where, ...one }))),
)
const next = computed(
  () => open.value.find(({ tagId }) => tagId === wanted.value) ?? open.value.find(({ tagId }) => !skipped.value.includes(tagId)) ?? null,
)
const all = computed(() => places.value.flatMap(({ items }) => items).length)
const done = computed(() => all.value - open.value.length)
const out = computed(() => places.value.flatMap(({ items }) => items).filter(({ item }) => item.taggedOut).length)
const justOut = shallowRef<KitItemReading | null>(null)

async function looked() {
  const before = next.value
  wanted.value = null
  await refresh()
  const now = before && places.value.flatMap(({ items }) => items).find(({ tagId }) => tagId === before.tagId)
  justOut.value = now?.item.taggedOut ? now : null
}
const later = (tagId: string) => {
  wanted.value = null
  skipped.value = [...skipped.value, tagId]
}
const found = (tagId: string) => {
  justOut.value = null
  wanted.value = tagId
}
const isDoneAlready = computed(() => wanted.value !== null && !open.value.some(({ tagId }) => tagId === wanted.value))
</script>

<template>
  <article v-still="next && `${next.tagId} ${next.toDo[0]?.id}`" class="round">
    <header>
      <h2>{{ says.round }}</h2>
      <p v-if="reading" class="print count">
        {{ done }} <small>{{ says.of(all) }}</small>
      </p>
      <NuxtLink class="key quiet link" to="/kit">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <p v-if="!reading" class="soft" role="status">
      {{ says.readingTheRound }}
    </p>
    <template v-else>
      <progress :value="done" :max="Math.max(1, all)" :aria-label="says.ofDone(done, all)" />
      <KitTold v-if="justOut" :tag-id="justOut.tagId" :tag="justOut.item.tag" />
      <p v-if="isDoneAlready" class="said is-open">
        {{ says.hasNothingToDoToday(wanted!.toUpperCase()) }} <NuxtLink :to="`/kit/${wanted}`">
          {{ says.openIt }}
        </NuxtLink>
      </p>
      <section v-if="next" :key="next.tagId" class="stop-at" aria-live="polite">
        <p class="where">
          {{ next.where }}
        </p>
        <p class="tag">
          {{ next.item.tag }}
        </p>
        <p class="name">
          {{ next.item.name }} <span class="soft">{{ kitWords.equipmentKinds[next.item.kind] }}</span>
        </p>
        <KitInspect
          v-for="list in next.toDo.slice(0, 1)"
          :key="`${next.tagId} ${list.id}`"
          :tag="next.item.tag"
          :list="list"
          @done="looked"
        />
        <p v-if="next.toDo.length > 1" class="soft">
          {{ says.then(next.toDo.slice(1).map(({ id }) => kitWords.lists(id)).join(', ')) }}
        </p>
        <FrameKey @click="later(next.tagId)">
          {{ says.notHereNowLater }}
        </FrameKey>
      </section>
      <section v-else class="said is-open">
        <p><b>{{ says.theRoundIsDone }}</b> {{ out > 0 ? says.taggedOut(out) : says.everythingInUseIsIn }}</p>
        <FrameKey v-if="skipped.length > 0 && open.length > 0" @click="skipped = []">
          {{ says.goBackToTheLeft(open.length) }}
        </FrameKey>
      </section>
      <KitTagEntry :label="says.jumpToATag" @found="found" />
      <details>
        <summary>{{ says.theWay }}</summary>
        <ol>
          <li v-for="{ where, items } in places" :key="where">
            <b>{{ where }}</b>
            <span>{{ says.of2(items.filter(({ toDo }) => toDo.length === 0).length, items.length) }}</span>
          </li>
        </ol>
      </details>
    </template>
  </article>
</template>

<style scoped>
.round {
  display: grid;
  gap: var(--space-5);
}
header {
  display: flex;
  align-items: center;
  gap: var(--space-7);
}
.count {
  font-size: var(--type-figure);
  font-weight: 900;
}
.count small {
  font-size: var(--type-lead);
  font-weight: 600;
}
.link {
  margin-left: auto;
  display: grid;
  place-items: center;
}
progress {
  width: 100%;
  height: 12px;
  appearance: none;
  border: var(--line-thin) solid var(--strong-rule);
  background: var(--bg);
}
progress::-webkit-progress-bar {
  background: var(--bg);
}
progress::-webkit-progress-value {
  background: var(--ink);
}
.stop-at {
  display: grid;
  gap: var(--space-2);
  border: var(--line-heavy) solid var(--ink);
  background: var(--bg);
  padding: var(--space-6);
}
.where {
  font-weight: 700;
  font-size: var(--type-lead);
}
.tag {
  font-size: var(--type-great);
  font-weight: 950;
  line-height: 1;
  letter-spacing: -0.03em;
}
.name {
  font-size: var(--type-lead);
  padding-bottom: var(--space-3);
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
ol li {
  display: flex;
  justify-content: space-between;
  border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-4) 0;
}
</style>
