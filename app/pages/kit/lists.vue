<script setup lang="ts">
import { BUILT_IN_CHECKS, BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { Check, CheckList } from '#core/inspection/check-list'
import { checkList, listsInForce } from '#core/streams/check-lists/check-lists'
import type { EquipmentKindId } from '#core/ids/vocabulary'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { wordId } from '#core/ids/word-id'
import { citation } from '~/words/speak'
import { kitWords } from '~/words/kit-words'
import type { ItemEventId } from '#core/ids/kit-ids'
import { ITEM_EVENTS } from '#core/ids/kit-ids'
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
type Unit = CheckList['every']['unit']
const unit = ref<Unit | ''>('use')
const count = ref<number | undefined>()
const atMonthEnd = ref(false)
const grace = ref<number | undefined>(0)
const triggers = ref<readonly ItemEventId[]>([])
const isCompetent = ref(false)
const checks = ref<Check[]>([])
const newName = ref('')
const newText = ref('')
const plain = (name: string) => ({ unit: name, step: 1, toShown: (si: number) => si, fromShown: (shown: number) => Math.round(shown) })

function edit(list: CheckList) {
  editing.value = list
  unit.value = list.every.unit
  count.value = list.every.unit === 'use' ? undefined : list.every.count
  atMonthEnd.value = list.every.unit !== 'use' && list.every.atMonthEnd === true
  grace.value = list.graceDays
  triggers.value = list.triggers
  isCompetent.value = list.examiner === 'competent'
  checks.value = [...list.checks]
}
const begin = () =>
  edit({
    id: `${kind.value}.${wordId(newName.value, 'list')}`,
    version: 0,
    kind: kind.value,
    every: { unit: 'months', count: 1 },
    triggers: [],
    examiner: 'user',
    graceDays: 0,
    checks: [],
  })
function addOwn() {
  const text = newText.value.trim()
  if (!text) return
  const id = wordId(text, 'check')
  checks.value = [
    ...checks.value,
    { id: checks.value.some(one => one.id === id) ? `${id}-${checks.value.length}` : id, text, asks: 'yes-no' },
  ]
  newText.value = ''
}
const unused = computed(() =>
  (Object.keys(BUILT_IN_CHECKS) as (keyof typeof BUILT_IN_CHECKS)[]).filter(
    id =>
      !checks.value.some(one => one.id === id)
      && BUILT_IN_LISTS.some(list => list.kind === kind.value && list.checks.some(check => check.id === id)),
  ),
)
const addBuiltIn = (id: keyof typeof BUILT_IN_CHECKS) => {
  checks.value = [...checks.value, { id, ...BUILT_IN_CHECKS[id] }]
}
const drop = (id: string) => {
  checks.value = checks.value.filter(one => one.id !== id)
}
const toggle = (event: ItemEventId) => {
  triggers.value = triggers.value.includes(event) ? triggers.value.filter(one => one !== event) : [...triggers.value, event]
}
const limit = (check: Check, side: 'atLeast' | 'atMost', value: number | undefined) => {
  if (check.asks !== 'measurement') return
  checks.value = checks.value.map(one => one.id === check.id ? JSON.parse(JSON.stringify({ ...check, [side]: value })) as Check : one)
}
const isComplete = computed(
  () => checks.value.length > 0 && (unit.value === 'use' || count.value !== undefined) && grace.value !== undefined,
)
async function save() {
  if (!editing.value || !isComplete.value) return
  const { id, kind: of } = editing.value
  const every: CheckList['every']
    = unit.value === 'use' || unit.value === ''
      ? { unit: 'use' }
      : { unit: unit.value, count: count.value!, ...(atMonthEnd.value ? { atMonthEnd: true } : {}) }
  const sent = await act(
    'check-lists.change',
    {
      list: {
        id,
        kind: of,
        every,
        triggers: triggers.value,
        examiner: isCompetent.value ? 'competent' : 'user',
        graceDays: grace.value!,
        checks: checks.value,
      },
    },
    reading.value?.listsVersion ?? null,
  )
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
          <FrameKey @click="edit(list)">
            {{ says.edit }} <span class="visually-hidden">{{ kitWords.lists(list.id) }}</span>
          </FrameKey>
          <FrameAsk :asks="says.droppedNobodyLooks(kitWords.lists(list.id))" :does="says.drop" :busy="busy" @done="dropList(list.id)">
            {{ says.drop }} <span class="visually-hidden">{{ kitWords.lists(list.id) }}</span>
          </FrameAsk>
        </div>
      </section>
      <p v-for="list in dropped" :key="list.id" class="said">
        {{ says.wasDroppedHereLawMay(kitWords.lists(list.id)) }}
        <FrameKey v-if="mayKeep" @click="edit(list)">
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
    <FrameForm v-else class="edit" :busy="busy" @send="save">
      <h3>{{ kitWords.equipmentKinds[editing.kind] }}: {{ kitWords.lists(editing.id) }}</h3>
      <p class="soft">
        {{ says.savedItIsVersionWhat(editing.version + 1, editing.version) }}
      </p>
      <div class="columns">
        <FrameSelect
          v-model="unit"
          :label="says.due"
          :ids="['use', 'days', 'months'] as const"
          :named="id => id === 'use' ? says.beforeEachDaysFirstUse : says.everySoMany(id)"
        />
        <FrameNumber v-if="unit !== 'use'" v-model="count" :label="says.howMany" :unit="plain('')" :limits="{ min: 1, max: 600 }" />
        <FrameNumber
          v-if="unit !== 'use'"
          v-model="grace"
          :label="says.daysOfGrace2"
          :unit="plain('')"
          :limits="{ min: 0, max: 90 }"
          :hint="says.lawGrantsNone"
        />
      </div>
      <div class="keys">
        <FrameKey
          v-if="unit !== 'use'"
          :picked="atMonthEnd"
          @click="atMonthEnd = !atMonthEnd"
        >
          {{ says.byTheEndOfThe }}
        </FrameKey>
        <FrameKey :picked="isCompetent" @click="isCompetent = !isCompetent">
          {{ says.onlyBySomebodyNamed }}
        </FrameKey>
      </div>
      <p class="label">
        {{ says.dueAgainWhenItWas }}
      </p>
      <div class="keys">
        <FrameKey
          v-for="event in ITEM_EVENTS"
          :key="event"
          :picked="triggers.includes(event)"
          @click="toggle(event)"
        >
          {{ kitWords.itemEvents[event] }}
        </FrameKey>
      </div>
      <FrameField is-group :label="says.checks" :lacks="checks.length === 0 ? says.atLeastOneCheck : ''" />
      <ul>
        <li v-for="check in checks" :key="check.id" class="check">
          <span>{{ checkWords(check) }}</span>
          <template v-if="check.asks === 'measurement'">
            <FrameNumber
              :label="says.atLeast"
              :unit="{ ...plain(check.unit), fromShown: shown => shown }"
              :limits="{ min: -100000, max: 100000 }"
              optional
              :model-value="check.atLeast"
              @update:model-value="limit(check, 'atLeast', $event)"
            />
            <FrameNumber
              :label="says.atMost"
              :unit="{ ...plain(check.unit), fromShown: shown => shown }"
              :limits="{ min: -100000, max: 100000 }"
              optional
              :model-value="check.atMost"
              @update:model-value="limit(check, 'atMost', $event)"
            />
          </template>
          <FrameKey @click="drop(check.id)">
            {{ says.takeOut }} <span class="visually-hidden">{{ checkWords(check) }}</span>
          </FrameKey>
        </li>
      </ul>
      <div v-if="unused.length > 0" class="keys">
        <FrameKey v-for="id in unused" :key="id" @click="addBuiltIn(id)">
          + {{ checkWords({ id }) }}
        </FrameKey>
      </div>
      <div class="new">
        <FrameText v-model="newText" :label="says.aCheckOfYourOwn" maxlength="160" @keydown.enter.prevent="addOwn" />
        <FrameKey :disabled="!newText.trim()" @click="addOwn">
          {{ says.add }}
        </FrameKey>
      </div>
      <div class="keys">
        <FrameKey @click="editing = null">
          {{ says.leaveItAsItWas }}
        </FrameKey>
        <FrameKey look="go" type="submit" :disabled="busy">
          {{ says.saveVersion(editing.version + 1) }}
        </FrameKey>
      </div>
    </FrameForm>
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
  </article>
</template>

<style scoped>
.lists,
.edit {
  display: grid;
  gap: 10px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.link {
  display: grid;
  place-items: center;
}
.list {
  border-top: var(--line-rule) solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 6px;
}
h3 {
  font-size: var(--type-lead);
}
h3::first-letter {
  text-transform: uppercase;
}
h3 small {
  font-weight: 550;
}
.list li {
  border-bottom: var(--line-thin) solid var(--rule);
  padding: 6px 0;
}
.list li small {
  display: block;
  font-size: var(--type-fine);
}
.label {
  font-weight: 750;
}
.check {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 6px 12px;
  align-items: center;
  border-bottom: var(--line-thin) solid var(--rule);
  padding: 6px 0;
}
.new {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
}
</style>
