<script setup lang="ts">
import Papa from 'papaparse'
import { guessRollColumns, looksLikeRollHeading, readRoll, ROLL_COLUMNS, ROLL_LINES_AT_MOST } from '#core/roll/read-roll'
import type { RollColumn, RollKnown, RollLine } from '#core/roll/read-roll'
import type { PersonProfile } from '#core/streams/person/person'
import { personStream } from '#core/ids/streams'
import { ROLES } from '#core/ids/vocabulary'
import type { RoleId } from '#core/ids/vocabulary'
import type { PersonReading } from '#shared/contract/readings'
import { makeUuid } from '~/stores/outbox'
import type { TableColumnOf } from '~/frame/table'
import { peoplePages } from '~/words/people'

const says = peoplePages.bringIn

/**
 * Many at once: names that are pasted, or a table. Columns are guessed and can be put right, each line says what it comes to, and all of
 * them are taken or none.
 */
const { people, groups } = defineProps<{ people: readonly PersonReading[], groups: readonly string[] }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const { send, refused } = useSender()

const text = ref('')
const group = ref('')
const role = ref<RoleId | ''>('learner')
const columns = ref<readonly RollColumn[]>([])
const others = ref<ReadonlySet<number>>(new Set())
const isLeavingOut = ref(false)

/** More than anybody teaches: what is longer is no list of people. */
const MOST_TEXT = 60_000
const { said: fileSaid, read: readFile } = useListFile((read) => {
  text.value = read.slice(0, MOST_TEXT)
})
const table = computed(() =>
  Papa.parse<string[]>(text.value.slice(0, MOST_TEXT).trim(), { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ',', '|'] }).data)
const heading = computed(() => (table.value[0] && looksLikeRollHeading(table.value[0]) ? table.value[0] : null))
const rows = computed(() => (heading.value ? table.value.slice(1) : table.value))
const width = computed(() => Math.max(0, ...table.value.map(row => row.length)))
watch([heading, width], () => {
  columns.value = guessRollColumns(heading.value, width.value)
}, { immediate: true })
// Another list: whoever was somebody else in the one before is not in this one.
watch(text, () => {
  others.value = new Set()
})
const setColumn = (i: number, column: RollColumn) => {
  columns.value = columns.value.map((old, j) => (j === i ? column : old === column && column !== 'ignore' ? 'ignore' : old))
}
const known = computed<RollKnown>(() => ({
  here: people.filter(({ hasLeft }) => !hasLeft),
  bays: facts.site.bays,
  namesOf: id => [words.roles[id]],
}))
const lines = computed(() =>
  readRoll(rows.value, known.value, {
    columns: columns.value,
    role: role.value || 'learner',
    group: group.value.trim() || null,
    others: others.value,
  }),
)
const wrong = computed(() => lines.value.filter(({ outcome }) => outcome.kind === 'wrong'))
const added = computed(() => lines.value.filter(({ outcome }) => outcome.kind === 'new'))
const changed = computed(() => lines.value.filter(({ outcome }) => outcome.kind === 'changed'))
const count = computed(() => added.value.length + changed.value.length)
const lacks = computed(() => {
  if (lines.value.length === 0) return says.nobodyYet
  if (wrong.value.length > 0 && !isLeavingOut.value) return says.mendOrLeaveOut(wrong.value.length)
  if (count.value > ROLL_LINES_AT_MOST) return says.atMost(ROLL_LINES_AT_MOST)
  return count.value === 0 ? says.allAsTheyAre : null
})
const toggleOther = (line: number) => {
  const next = new Set(others.value)
  if (!next.delete(line)) next.add(line)
  others.value = next
}

/** A list that waits to be sent again is the same list: whoever is new in it keeps their id. */
const newIds = new Map<string, string>()
const idFor = (line: RollLine): string => {
  const key = `${line.line} ${line.name}`
  const id = newIds.get(key) ?? makeUuid()
  newIds.set(key, id)
  return id
}
async function save() {
  const on: { id: string, expectedVersion: number }[] = []
  const profiles: Record<string, PersonProfile> = {}
  for (const line of lines.value) {
    const { outcome } = line
    if (outcome.kind !== 'new' && outcome.kind !== 'changed') continue
    const [personId, expectedVersion] = outcome.kind === 'new' ? [idFor(line), 0] : [outcome.person.personId, outcome.person.version]
    on.push({ id: personStream(personId), expectedVersion })
    profiles[personId] = outcome.profile
  }
  const sent = await send('person.enrol', on, { people: profiles })
  if (sent.ok) emit('done')
}

const bayLabel = (bayId: string | null) => (bayId === null ? '–' : facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId)
function shownOf({ outcome, said }: RollLine): { readonly group: string, readonly roles: string, readonly bay: string } {
  if (outcome.kind === 'wrong') return { group: said.group ?? '', roles: said.role ?? '', bay: said.bay ?? '' }
  const { group: theirs, roles, bayId } = outcome.kind === 'same' ? outcome.person : outcome.profile
  return { group: theirs ?? '–', roles: roles.map(id => words.roles[id]).join(', '), bay: bayLabel(bayId) }
}
const sentence = ({ outcome }: RollLine): string => {
  switch (outcome.kind) {
    case 'wrong': return outcome.faults.map(fault => says.faults[fault]).join(' ')
    case 'new': return says.isNew
    case 'changed': return says.changes
    case 'same': return says.isSame
  }
}
const tableColumns = computed<readonly TableColumnOf<RollLine>[]>(() => [
  { id: 'line', header: says.line, said: ({ line }) => String(line), by: ({ line }) => line, look: 'print' },
  { id: 'name', header: says.name, said: ({ name }) => name, by: true, look: 'named' },
  { id: 'group', header: says.group, said: line => shownOf(line).group },
  { id: 'roles', header: says.role, said: line => shownOf(line).roles },
  { id: 'bay', header: says.bay, said: line => shownOf(line).bay },
  {
    id: 'outcome',
    header: says.whatComesOfIt,
    said: sentence,
    by: ({ outcome }) => ['wrong', 'changed', 'new', 'same'].indexOf(outcome.kind),
    marks: ({ outcome }) => (outcome.kind === 'wrong' ? 'state-hold' : ''),
    place: 'wide',
  },
  { id: 'other', header: says.another, isHeard: true, place: 'end' },
])
</script>

<template>
  <section class="bring-in" :aria-label="says.bringInAList">
    <h2>{{ says.bringInAList }}</h2>
    <p class="soft">
      {{ says.oneNameALine }}
    </p>
    <FrameForm :lacks="lacks" @send="save">
      <FrameField v-slot="{ id, describedBy }" :label="says.namesOrATable" :hint="says.headingIsKnown">
        <UTextarea
          :id="id"
          v-model="text"
          :ui="{ base: 'area' }"
          :rows="6"
          :maxlength="MOST_TEXT"
          spellcheck="false"
          :aria-describedby="describedBy"
        />
      </FrameField>
      <FrameFile :label="says.orAFile" accept=".csv,.txt,.tsv,.xlsx,text/csv,text/plain" :hint="fileSaid" @chosen="readFile" />
      <div class="columns">
        <FrameText
          v-model="group"
          :label="says.groupOfAll"
          maxlength="40"
          :hint="says.whereTheListSaysNone"
          :list="groups.length > 0 ? 'groups-here' : undefined"
        />
        <FrameSelect v-model="role" :label="says.roleOfNew" :ids="ROLES" :named="id => words.roles[id]" :hint="says.whereTheListSaysNone" />
      </div>
      <datalist v-if="groups.length > 0" id="groups-here">
        <option v-for="one in groups" :key="one" :value="one" />
      </datalist>
      <template v-if="width > 1">
        <h3>{{ says.whatTheColumnsAre }}</h3>
        <div class="columns">
          <FrameSelect
            v-for="(column, i) in columns"
            :key="i"
            :label="heading?.[i] || says.column(i + 1)"
            :ids="ROLL_COLUMNS"
            :named="id => says.columns[id]"
            :hint="rows[0]?.[i] ?? ''"
            :model-value="column"
            @update:model-value="$event && setColumn(i, $event)"
          />
        </div>
      </template>
      <template v-if="lines.length > 0">
        <p class="sum" role="status">
          {{ says.comesTo(added.length, changed.length, lines.length - count - wrong.length, wrong.length) }}
        </p>
        <FrameTable
          :columns="tableColumns"
          :rows="lines"
          :name="says.bringInAList"
          :key-of="({ line }) => String(line)"
        >
          <template #other="{ row }">
            <FrameKey
              v-if="row.namesake || (row.outcome.kind === 'wrong' && row.outcome.faults.includes('named-twice')) || others.has(row.line)"
              :picked="others.has(row.line)"
              @click="toggleOther(row.line)"
            >
              {{ says.anotherOfThatName }} <span class="visually-hidden">{{ row.name }}</span>
            </FrameKey>
          </template>
        </FrameTable>
      </template>
      <FrameTick v-if="wrong.length > 0" v-model="isLeavingOut" :label="says.leaveOut(wrong.length)" />
      <FrameRefused :says="refused" />
      <div class="keys foot">
        <FrameKey @click="emit('done')">
          {{ says.back }}
        </FrameKey>
        <FrameKey look="go" type="submit">
          {{ says.bringIn(count) }}
        </FrameKey>
      </div>
    </FrameForm>
  </section>
</template>

<style scoped>
.bring-in {
  display: grid; gap: var(--space-4); padding: var(--space-7); border: var(--line-heavy) solid var(--ink); background: var(--panel);
}
.sum, h3 { font-weight: 750; margin-top: var(--space-5); }
.foot { margin-top: var(--space-6); justify-content: flex-end; }
</style>
