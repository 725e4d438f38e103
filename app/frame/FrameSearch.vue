<script setup lang="ts" generic="Id extends string">
import type { SelectMenuItem } from '@nuxt/ui'
import { framePages } from '~/words/frame'

const says = framePages.search
const formSays = framePages.form

/** A labelled choice from a long list, which is narrowed by typing. */
const { label, groups, named, none = '', hint = '', isNeeded = false, name = undefined } = defineProps<{
  label: string
  /** Parts of the list; one without a label has none. */
  groups: readonly { readonly label: string, readonly ids: readonly Id[] }[]
  named: (id: Id) => string
  /** What choosing nothing is called; where it is not said, something has to be chosen. */
  none?: string
  hint?: string
  /** Its form cannot be sent with nothing chosen. */
  isNeeded?: boolean
  name?: string
}>()
const chosen = defineModel<Id | ''>({ required: true })

/** No choice of a list may be empty: the choice of nothing has an id of its own here. */
const NOTHING = ' '
const items = computed<SelectMenuItem[][]>(() => [
  ...none ? [[{ label: none, value: NOTHING }]] : [],
  ...groups.filter(({ ids }) => ids.length > 0).map(group => [
    ...group.label ? [{ type: 'label' as const, label: group.label }] : [],
    ...group.ids.map(id => ({ label: named(id), value: id as string })),
  ]),
])
const value = computed({
  get: () => chosen.value === '' ? (none ? NOTHING : undefined) : chosen.value,
  set: (id: string | undefined) => {
    chosen.value = id === undefined || id === NOTHING ? '' : (id as Id)
  },
})
</script>

<template>
  <FrameField
    v-slot="{ id, describedBy }"
    :label="label"
    :hint="hint"
    :name="name"
    :lacks="isNeeded && chosen === '' ? formSays.chooseOne : ''"
  >
    <USelectMenu
      :id="id"
      v-model="value"
      :aria-label="`${label}: ${chosen === '' ? none : named(chosen)}`"
      value-key="value"
      :items="items"
      :search-input="{ placeholder: says.typeToFind }"
      :ui="{ value: chosen === '' ? 'choice-said soft' : 'choice-said' }"
      :placeholder="none || '–'"
      :aria-describedby="describedBy"
    >
      <template #trailing>
        <span class="choice-mark" aria-hidden="true" />
      </template>
      <template #empty>
        {{ says.nothingLikeIt }}
      </template>
    </USelectMenu>
  </FrameField>
</template>
