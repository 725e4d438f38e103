<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.form

/** What is typed part by part: a day, a time. Its parts are one group, called as one, wrong as one. */
const { label, hint = '', wrong = '', isNeeded = false, isEmpty, name = undefined } = defineProps<{
  label: string
  hint?: string
  wrong?: string
  /** Its form cannot be sent without it. */
  isNeeded?: boolean
  isEmpty: boolean
  name?: string
}>()
defineSlots<{ default: (props: { readonly labelledBy: string | undefined, readonly describedBy: string | undefined }) => unknown }>()
useNamedParts(useTemplateRef('root'))
</script>

<template>
  <FrameField
    v-slot="{ labelledBy, describedBy }"
    is-group
    :label="label"
    :hint="hint"
    :wrong="wrong"
    :lacks="isNeeded && isEmpty ? says.needed : wrong"
    :name="name"
  >
    <div ref="root" class="typed">
      <slot :labelled-by="labelledBy" :described-by="describedBy" />
    </div>
  </FrameField>
</template>

<style scoped>
.typed { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.typed :deep(.parts) { flex: 1 1 0; min-width: max-content; }
.typed .key { padding: var(--space-3) var(--space-5); }
</style>
