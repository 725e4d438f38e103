<script setup lang="ts" generic="Id extends string | number">
import { framePages } from '~/words/frame'

const says = framePages.form

/** One of a few, each a key of its own: what is chosen shows without opening anything. */
const { label, ids, named, hint = '', isNeeded = false, isHeard = false, name = undefined, spokenIn = undefined } = defineProps<{
  label: string
  ids: readonly Id[]
  named: (id: Id) => string
  hint?: string
  /** Its form cannot be sent with nothing chosen. */
  isNeeded?: boolean
  /** What it is called is said to whoever listens; whoever sees reads it above already. */
  isHeard?: boolean
  name?: string
  /** The language a choice is read in, where it has one of its own. */
  spokenIn?: (id: Id) => string | undefined
}>()
const chosen = defineModel<Id | ''>({ required: true })
/**
 * A key takes its name from its label when it is first drawn; on a page that is still being put together it finds none, and is read out as
 * its id.
 */
const isThere = ref(false)
onMounted(() => {
  isThere.value = true
})
const items = computed(() => ids.map(id => ({ label: named(id), value: String(id), lang: spokenIn?.(id) })))
</script>

<template>
  <FrameField
    v-slot="{ labelledBy, describedBy }"
    is-group
    :is-heard="isHeard"
    :label="label"
    :hint="hint"
    :lacks="isNeeded && chosen === '' ? says.chooseOne : ''"
    :name="name"
  >
    <URadioGroup
      v-if="isThere"
      :model-value="chosen === '' ? undefined : String(chosen)"
      :items="items"
      variant="card"
      orientation="horizontal"
      :aria-labelledby="labelledBy"
      :aria-describedby="describedBy"
      @update:model-value="chosen = ids.find(id => String(id) === $event) ?? ''"
    >
      <template v-if="spokenIn" #label="{ item }">
        <span :lang="item.lang">{{ item.label }}</span>
      </template>
    </URadioGroup>
  </FrameField>
</template>
