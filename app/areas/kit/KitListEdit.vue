<script setup lang="ts">
import { BUILT_IN_CHECKS, BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { Check, CheckList } from '#core/inspection/check-list'
import type { ItemEventId } from '#core/ids/kit-ids'
import { ITEM_EVENTS } from '#core/ids/kit-ids'
import { wordId } from '#core/ids/word-id'
import { kitWords } from '~/words/kit-words'
import { kitPages } from '~/words/kit'

const says = kitPages.listsPage

/** A check list as it will be: when it is due, who may do it, what it checks. Saved, it is a new version. */
const { list, busy, save: send } = defineProps<{
  list: CheckList
  busy: boolean
  save: (list: Omit<CheckList, 'version'>) => Promise<void>
}>()
const emit = defineEmits<{ leave: [] }>()
type Unit = CheckList['every']['unit']
const { every } = list
const unit = ref<Unit | ''>(every.unit)
const count = ref<number | undefined>(every.unit === 'use' ? undefined : every.count)
const atMonthEnd = ref(every.unit !== 'use' && every.atMonthEnd === true)
const grace = ref<number | undefined>(list.graceDays)
const triggers = ref<readonly ItemEventId[]>(list.triggers)
const isCompetent = ref(list.examiner === 'competent')
const checks = ref<Check[]>([...list.checks])
const newText = ref('')
const plain = (name: string) => ({ unit: name, step: 1, toShown: (si: number) => si, fromShown: (shown: number) => Math.round(shown) })

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
      && BUILT_IN_LISTS.some(list => list.kind === list.kind && list.checks.some(check => check.id === id)),
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
  if (!isComplete.value) return
  const due: CheckList['every']
    = unit.value === 'use' || unit.value === ''
      ? { unit: 'use' }
      : { unit: unit.value, count: count.value!, ...(atMonthEnd.value ? { atMonthEnd: true } : {}) }
  await send({
    id: list.id,
    kind: list.kind,
    every: due,
    triggers: triggers.value,
    examiner: isCompetent.value ? 'competent' : 'user',
    graceDays: grace.value!,
    checks: checks.value,
  })
}
</script>

<template>
  <FrameForm class="edit" :busy="busy" @send="save">
    <h3>{{ kitWords.equipmentKinds[list.kind] }}: {{ kitWords.lists(list.id) }}</h3>
    <p class="soft">
      {{ says.savedItIsVersionWhat(list.version + 1, list.version) }}
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
      <FrameKey @click="emit('leave')">
        {{ says.leaveItAsItWas }}
      </FrameKey>
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.saveVersion(list.version + 1) }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.edit { display: grid; gap: var(--space-5); }
h3 { font-size: var(--type-lead); }
h3::first-letter { text-transform: uppercase; }
.label { font-weight: 750; }
.check {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-3) var(--space-6);
  align-items: center;
  border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-3) 0;
}
.new { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: var(--space-4); align-items: center; }
</style>
