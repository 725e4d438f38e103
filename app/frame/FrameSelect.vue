<script setup lang="ts" generic="Id extends string">
import { framePages } from '~/words/frame'

const says = framePages.form

/** A labelled choice from a list, with a note that keeps its height. Where parts of the list have a name, they stand under it. */
const {
  label,
  ids = [],
  groups = [],
  named,
  hint = '',
  none = '',
  isNeeded = false,
  name = undefined,
} = defineProps<{
  label: string
  ids?: readonly Id[]
  groups?: readonly { readonly label: string, readonly ids: readonly Id[] }[]
  named: (id: Id) => string
  hint?: string
  /** What choosing nothing is called; where it is not said, something has to be chosen. */
  none?: string
  /** Its form cannot be sent with nothing chosen. */
  isNeeded?: boolean
  name?: string
}>()
const chosen = defineModel<Id | ''>({ required: true })

/** No choice of a list may be empty: the choice of nothing has an id of its own here. */
const NOTHING = ' '
const choice = (id: Id) => ({ label: named(id), value: id as string })
const items = computed(() =>
  [
    none ? [{ label: none, value: NOTHING }] : [],
    ids.map(choice),
    ...groups.map(group => [{ type: 'label' as const, label: group.label }, ...group.ids.map(choice)]),
  ].filter(list => list.length > 0),
)
const value = computed({
  get: () => (chosen.value === '' ? (none ? NOTHING : undefined) : chosen.value),
  set: (id: string | undefined) => {
    chosen.value = id === undefined || id === NOTHING ? '' : (id as Id)
  },
})

/**
 * Enter chooses and closes the list, which gives the focus back to the key that opened it: what Enter does by itself would press that key,
 * and open it again.
 */
const onlyChoose = (event: KeyboardEvent) => {
  if (event.key === 'Enter') event.preventDefault()
}
const keepClosed = (isOpen: boolean) => {
  if (isOpen) document.addEventListener('keydown', onlyChoose)
  // The press that closed it is still on its way.
  else setTimeout(() => document.removeEventListener('keydown', onlyChoose))
}
onBeforeUnmount(() => document.removeEventListener('keydown', onlyChoose))
</script>

<template>
  <FrameField
    v-slot="{ id, describedBy }"
    :label="label"
    :hint="hint"
    :name="name"
    :lacks="(isNeeded || none === '') && chosen === '' ? says.chooseOne : ''"
  >
    <USelect
      :id="id"
      v-model="value"
      :items="items"
      :ui="{ value: chosen === '' ? 'choice-said soft' : 'choice-said' }"
      :placeholder="none || '–'"
      :aria-describedby="describedBy"
      @update:open="keepClosed"
    >
      <template #trailing>
        <span class="choice-mark" aria-hidden="true" />
      </template>
    </USelect>
  </FrameField>
</template>
