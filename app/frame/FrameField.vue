<script setup lang="ts">
import { FORM } from '~/frame/formFields'

/** A labelled field whose message keeps its height, so that a button does not move away under the finger. */
const { label, wrong = '', lacks = '', hint = '', isGroup = false, isHeard = false, name = undefined } = defineProps<{
  label: string
  /** What is wrong with what stands in it, said at once; what the server said of it stands in nobody's way. */
  wrong?: string | null
  /** What it lacks before it can be sent: said once somebody tries. */
  lacks?: string | null
  hint?: string
  /** What is filled in has several parts, so that it is called by its label instead of being labelled by it. */
  isGroup?: boolean
  /** Its label is said to whoever listens alone: what stands above says it already. */
  isHeard?: boolean
  /** Where it stands in what its form sends: what the schema says of it is said here. */
  name?: string
}>()
const id = useId()
const form = inject(FORM, null)
const field = { path: () => name ?? id, lacks: () => lacks || null }
form?.enter(field)
onBeforeUnmount(() => form?.leave(field))
</script>

<template>
  <UFormField :name="name ?? id" :error="wrong || undefined" class="field">
    <template #default="{ error }">
      <span v-if="isGroup" :id="`${id}-label`" :class="isHeard ? 'visually-hidden' : 'label'">{{ label }}</span>
      <label v-else :for="id" :class="isHeard ? 'visually-hidden' : 'label'">{{ label }}</label>
      <slot :id="id" :labelled-by="`${id}-label`" :described-by="`${id}-note`" :is-wrong="Boolean(error)" />
    </template>
    <template #help>
      <span :id="`${id}-note`">{{ hint }}</span>
    </template>
  </UFormField>
</template>

<style scoped>
.field { display: grid; grid-template-columns: minmax(0, 1fr); align-content: start; min-width: 0; }
.field :deep(> :last-child) {
  display: grid; grid-template-columns: minmax(0, 1fr); gap: var(--space-2); align-content: start; min-width: 0;
}
.label { font-weight: 750; }
</style>
