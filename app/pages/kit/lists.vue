<script setup lang="ts">
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { CheckList } from '#core/inspection/check-list'
import { checkList, listsInForce } from '#core/streams/check-lists/check-lists'
import type { EquipmentKindId } from '#core/ids/vocabulary'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { wordId } from '#core/ids/word-id'
import { citation } from '~/words/citation'
import { kitWords } from '~/words/kit-words'
import { CHECK_LISTS_STREAM } from '#core/ids/streams'
import { kitPages } from '~/words/kit'

const says = kitPages.listsPage

/** The site's check lists: edited, each change a new version. What was done keeps the version it was done against. */
const session = useSession()
const mayKeep = computed(() => session.may('keep-store'))
const { reading, refresh } = useReading('kit', () => ({ days: 0, limit: 1 }), among('check-lists'))
const kind = ref<EquipmentKindId>('regulator')
const lists = computed(() => reading.value ? listsInForce(reading.value.lists).filter(list => list.kind === kind.value) : [])
const dropped = computed(() =>
  reading.value ? BUILT_IN_LISTS.filter(list => list.kind === kind.value && checkList(reading.value!.lists, list.id) === null) : [],
)
const editing = ref<CheckList | null>(null)
const { act, said, isRefused, busy } = useSenderTo(() => CHECK_LISTS_STREAM)
const newName = ref('')
const begin = () => {
  editing.value = {
    id: `${kind.value}.${wordId(newName.value, 'list')}`,
    version: 0,
    kind: kind.value,
    every: { unit: 'months', count: 1 },
    triggers: [],
    examiner: 'user',
    graceDays: 0,
    checks: [],
  }
}
async function save(list: Omit<CheckList, 'version'>) {
  const sent = await act('check-lists.change', { list }, reading.value?.listsVersion ?? null)
  if (!sent.ok) return
  editing.value = null
  newName.value = ''
  await refresh()
}
async function dropList(listId: string) {
  const sent = await act('check-lists.drop', { listId }, reading.value?.listsVersion ?? null)
  if (sent.ok) await refresh()
}
const everyWords = ({ every }: CheckList) =>
  every.unit === 'use'
    ? says.beforeEachDaysFirstUse
    : says.every(every.count === 1 ? '' : `${every.count} `, every.unit === 'days' ? (every.count === 1 ? says.day : says.days) : every.count === 1 ? says.month : says.months, every.atMonthEnd ? says.byTheEndOfThe2 : '')
</script>

<template>
  <article class="lists">
    <header>
      <h2>{{ says.checkLists }}</h2>
      <NuxtLink class="key quiet link" to="/kit">
        {{ says.close }}
      </NuxtLink>
    </header>
    <template v-if="!editing">
      <FrameSelect v-model="kind" :label="says.for" :ids="EQUIPMENT_KINDS" :named="id => kitWords.equipmentKinds[id]" />
      <section v-for="list in lists" :key="list.id" class="list">
        <h3>{{ kitWords.lists(list.id) }} <small class="soft">{{ says.version(list.version) }}</small></h3>
        <p>
          {{ says.by(
            everyWords(list),
            list.triggers.length > 0 ? says.againWhen(list.triggers.map(event => kitWords.itemEvents[event]).join(', ')) : '',
            list.examiner === 'competent' ? says.somebodyNamed : says.whoeverUsesIt,
            list.graceDays > 0 ? says.daysOfGrace(list.graceDays) : '',
          ) }}
        </p>
        <ul>
          <li v-for="check in list.checks" :key="check.id">
            {{ checkWords(check) }} <span class="soft">{{ limitWords(check) }}</span>
            <small class="soft">{{ check.source ? citation(check.source) : says.theSitesOwn }}</small>
          </li>
        </ul>
        <div v-if="mayKeep" class="keys">
          <FrameKey @click="editing = list">
            {{ says.edit }} <span class="visually-hidden">{{ kitWords.lists(list.id) }}</span>
          </FrameKey>
          <FrameAsk :asks="says.droppedNobodyLooks(kitWords.lists(list.id))" :does="says.drop" :busy="busy" @done="dropList(list.id)">
            {{ says.drop }} <span class="visually-hidden">{{ kitWords.lists(list.id) }}</span>
          </FrameAsk>
        </div>
      </section>
      <p v-for="list in dropped" :key="list.id" class="said">
        {{ says.wasDroppedHereLawMay(kitWords.lists(list.id)) }}
        <FrameKey v-if="mayKeep" @click="editing = list">
          {{ says.takeItUpAgain }}
        </FrameKey>
      </p>
      <FrameForm v-if="mayKeep" class="new" @send="begin()">
        <FrameText v-model="newName" :label="says.aListOfYourOwn" maxlength="40" :placeholder="says.itsName" is-needed />
        <FrameKey type="submit">
          {{ says.begin }}
        </FrameKey>
      </FrameForm>
    </template>
    <KitListEdit v-else :list="editing" :busy="busy" :save="save" @leave="editing = null" />
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
  </article>
</template>

<style scoped>
.lists { display: grid; gap: var(--space-5); }
header { display: flex; align-items: center; justify-content: space-between; }
.link { display: grid; place-items: center; }
.list { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-3); }
h3 { font-size: var(--type-lead); }
h3::first-letter { text-transform: uppercase; }
h3 small { font-weight: 550; }
.list li { border-bottom: var(--line-thin) solid var(--rule); padding: var(--space-3) 0; }
.list li small { display: block; font-size: var(--type-fine); }
.new { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: var(--space-4); align-items: center; }
</style>
