<script setup lang="ts">
import type { CheckList } from '#core/inspection/check-list'
import type { StarterKindId } from '#core/opening/starter-kit'
import { capital } from '#shared/words/capital'
import { kitWords } from '~/words/kit-words'
import { beginPages } from '~/words/begin'
import { KNOWN } from './knownKind'
import type { KnownKind } from './knownKind'

const says = beginPages.kind

/** Things of one kind in a starter set: what their plates and papers say, or that it comes later, or that there are none. */
const { kind, count, lists, known } = defineProps<{
  kind: StarterKindId
  count: number
  /** By the calendar: those that a paper can speak for. */
  lists: readonly CheckList[]
  known: KnownKind
}>()
const emit = defineEmits<{ say: [known: KnownKind] }>()
const units = useShopUnits()
const paperOf = (listId: string) => known.papers[listId] ?? { doneOn: '', by: '' }
const say = (over: Partial<KnownKind>) => emit('say', { ...known, ...over })
const write = (listId: string, over: Partial<KnownKind['papers'][string]>) =>
  say({ papers: { ...known.papers, [listId]: { ...paperOf(listId), ...over } } })
</script>

<template>
  <div class="kind">
    <FrameChoice
      :model-value="known.known"
      :label="says.eachBay(capital(kitWords.equipmentKinds[kind]), count)"
      :ids="KNOWN"
      :named="id => says.known[id]"
      @update:model-value="id => id !== '' && say({ known: id })"
    />
    <div v-if="known.known === 'known'" class="said-of">
      <KitMarks :model-value="known.marks" :kind="kind" :known="known.marks" @update:model-value="marks => say({ marks })" />
      <FrameNumber
        v-if="kind === 'extinguisher'"
        :model-value="known.distanceM"
        :label="says.fromTheWork"
        :unit="units.height"
        :limits="{ min: 0, max: 500 }"
        optional
        @update:model-value="distanceM => say({ distanceM })"
      />
      <div v-for="{ id } in lists" :key="id" class="paper">
        <FrameDay
          :model-value="paperOf(id).doneOn"
          :label="says.passedOn(kitWords.lists(id))"
          @update:model-value="doneOn => write(id, { doneOn })"
        />
        <FrameText
          :model-value="paperOf(id).by"
          :label="says.by(kitWords.lists(id))"
          :hint="says.byHint"
          maxlength="80"
          @update:model-value="by => write(id, { by: String(by) })"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.kind { border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-3); }
.said-of { display: grid; gap: var(--space-3); padding: var(--space-3) 0 var(--space-5); }
.paper { display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-6); }
</style>
