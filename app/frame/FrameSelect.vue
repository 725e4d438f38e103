<script setup lang="ts" generic="Id extends string">
/** A labelled choice from a list, with a note that keeps its height. */
const {
  label,
  ids,
  named,
  hint = '',
  none = '',
} = defineProps<{ label: string, ids: readonly Id[], named: (id: Id) => string, hint?: string, none?: string }>()
const chosen = defineModel<Id | ''>({ required: true })
</script>

<template>
  <FrameField v-slot="{ id, describedBy }" :label="label" :hint="hint">
    <select :id="id" v-model="chosen" class="entry" :aria-describedby="describedBy">
      <option v-if="none" value="">
        {{ none }}
      </option>
      <option v-for="one in ids" :key="one" :value="one">
        {{ named(one) }}
      </option>
    </select>
  </FrameField>
</template>
