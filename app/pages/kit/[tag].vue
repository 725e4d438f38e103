<script setup lang="ts">
import { kitItemStream } from '#core/ids/streams'
import type { KitItemCommands } from '#core/streams/kit-item/kit-item'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { judgeKitItem } from '#core/inspection/judge-kit-item'
import { kitWords } from '~/words/kit-words'
import { kitPages } from '~/words/kit'

const says = kitPages.thing

/** One thing: whether it may be used, its lists and when they are due, what to do, and its whole life. */
const route = useRoute()
const facts = useFacts()
const lookup = useLookup()
const session = useSession()
const { due, day } = useDates()
const { placeOf } = useWhere()
const tagId = computed(() => String(route.params.tag).toLowerCase())
const { reading, asOf, problem, refresh } = useReading(
  'items/{tag}',
  () => ({ tag: tagId.value }),
  streamId => among(kitItemStream(tagId.value), 'check-lists', 'notice/')(streamId),
)
useOpenedRow('item', () => tagId.value, { reading, asOf, problem })
const { act, said, isRefused, busy } = useSenderTo(() => `item/${tagId.value}`)
const item = computed(() => reading.value?.item ?? null)
const standing = computed(() => reading.value && judgeKitItem(reading.value.item, reading.value.today, listsInForce(reading.value.lists)))
const word = computed(() =>
  !item.value || !standing.value
    ? ''
    : item.value.isRetired
      ? says.outOfUseForGood
      : item.value.taggedOut
        ? says.taggedOut
        : standing.value.mayUse
          ? says.inService
          : says.notBeforeItIsLooked,
)
const doing = ref<string | null>(null)
const toggle = (what: string) => {
  doing.value = doing.value === what ? null : what
}
watch(tagId, () => {
  doing.value = null
})
const place = computed(() => {
  const assignment = item.value?.assignment
  if (assignment?.to === 'bay')
    return { bayId: assignment.id, areaId: facts.site.bays.find(({ bayId }) => bayId === assignment.id)?.areaId ?? null }
  return { bayId: assignment?.to === 'person' && assignment.id === session.person?.personId ? session.person.bayId : null, areaId: null }
})
const mayInspect = computed(() => session.may('inspect', place.value))
async function does<Type extends keyof KitItemCommands>(type: Type, payload: KitItemCommands[Type], isRequest = false) {
  const was = doing.value
  const sent = await act(type, payload as never, isRequest ? reading.value?.version ?? null : null)
  if (!sent.ok) return false
  // What was opened while the answer was on its way stays open, with what is typed there.
  if (doing.value === was) doing.value = null
  await refresh()
  return true
}
async function done(listId: string) {
  // Another that was opened meanwhile stays open.
  if (doing.value === listId) doing.value = null
  await refresh()
}
const dueWords = (dueOn: string | null, state: string) =>
  state === 'never-done'
    ? says.neverDone
    : state === 'after-event'
      ? says.dueAgainNow
      : dueOn === null
        ? ''
        : due(dueOn, reading.value!.today)
const saidWhat = computed(() => item.value?.taggedOut?.checks.map(id => checkWords({ id })).join(', ') ?? '')
</script>

<template>
  <div v-if="problem && !reading" class="said" role="alert">
    {{ problem }} <NuxtLink class="key" to="/kit">
      {{ says.backToTheList }}
    </NuxtLink>
  </div>
  <p v-else-if="!item || !standing || !reading" class="soft" role="status">
    {{ says.reading(tagId.toUpperCase()) }}
  </p>
  <article v-else class="item">
    <header>
      <h2>{{ item.tag }} <small>{{ item.name }}</small></h2>
      <NuxtLink class="key quiet link" to="/kit">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ kitWords.equipmentKinds[item.kind] }}, {{ placeOf(item.assignment) }}
    </p>
    <p class="word" :class="item.taggedOut || item.isRetired ? 'state-stop' : standing.mayUse ? 'state-open' : 'state-hold'">
      {{ word }}
    </p>
    <p v-if="item.taggedOut" class="said is-stop">
      {{ [item.taggedOut.reason, saidWhat && says.failed(saidWhat)].filter(Boolean).join(' ') }} <b>{{ says.somebodyNamedForReleasesIt(
        kitWords.aKind(item.kind),
      ) }}</b>
    </p>
    <ul v-else-if="standing.findings.length > 0" class="worst">
      <li v-for="(one, index) in standing.findings" :key="index" class="said">
        {{ lookup.say(one).message }} <b>{{ lookup.say(one).todo }}</b>
      </li>
    </ul>
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
    <template v-for="{ list, due: one } in standing.lists" :key="list.id">
      <KitInspect v-if="doing === list.id" :tag="item.tag" :list="list" @done="done(list.id)" />
      <div v-else class="list">
        <span><b class="name">{{ kitWords.lists(list.id) }}</b><small class="soft">{{ list.examiner === 'competent' ? says.bySomebodyNamed : says.byWhoeverUsesIt }}</small></span>
        <span
          :class="one.mayUse ? '' : 'state-hold'"
        >{{ list.every.unit === 'use' ? one.state === 'in-date' ? says.doneToday : says.toDoToday : dueWords(one.dueOn, one.state) }}</span>
        <FrameKey
          v-if="mayInspect && !item.isRetired"
          :look="!one.mayUse && !item.taggedOut ? 'go' : 'plain'"
          @click="toggle(list.id)"
        >
          {{ says.doIt }} <span class="visually-hidden">{{ says.for(kitWords.lists(list.id)) }}</span>
        </FrameKey>
      </div>
    </template>
    <KitDoing :key="tagId" v-model="doing" :item="item" :may-inspect="mayInspect" :busy="busy" :act="does" />
    <p v-if="item.marks.madeOn" class="soft">
      {{ says.madeOn(day(item.marks.madeOn)) }}
    </p>
    <LogLife :life="reading.life" :notices="reading.notices" />
  </article>
</template>

<style scoped>
.item {
  display: grid;
  gap: var(--space-5);
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  margin-bottom: calc(-1 * var(--space-4));
}
h2 {
  font-size: var(--type-figure);
}
h2 small {
  font-size: var(--type-lead);
  font-weight: 600;
  color: var(--soft);
  letter-spacing: 0;
}
.link {
  display: grid;
  place-items: center;
}
.word {
  font-size: var(--type-figure);
  font-weight: 900;
  line-height: 1.1;
}
.worst {
  display: grid;
  gap: var(--space-3);
}
.said {
  background: var(--bg);
}
.list {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--space-6);
  align-items: center;
  min-height: 62px;
  border-top: var(--line-thin) solid var(--rule);
  font-weight: 650;
}
.list .name {
  display: inline-block;
  font-weight: 750;
}
.name::first-letter {
  text-transform: uppercase;
}
.list small {
  display: block;
  font-size: var(--type-small);
  font-weight: 500;
}
</style>
