<script setup lang="ts" generic="Id extends string">
/** A line of the job card that is answered by one key out of a list. */
const {
  label,
  ids,
  named,
  chosen,
  ink,
  open,
  hint = '',
  suffix = '',
  unsaid = null,
} = defineProps<{
  label: string
  ids: readonly Id[]
  named: Readonly<Record<Id, string>>
  chosen: Id | undefined
  ink: 'chalk' | 'pencil'
  open: boolean
  hint?: string
  suffix?: string
  unsaid?: string | null
}>()
const emit = defineEmits<{ toggle: [], confirm: [], choose: [id: Id] }>()
</script>

<template>
  <StationJobLine
    :label="label"
    :said="chosen === undefined ? null : named[chosen] + suffix"
    :unsaid="unsaid"
    :ink="ink"
    :open="open"
    @toggle="emit('toggle')"
    @confirm="emit('confirm')"
  >
    <p v-if="hint" class="hint">
      {{ hint }}
    </p>
    <div class="keys">
      <FrameKey
        v-for="id in ids"
        :key="id"
        :picked="chosen === id"
        @click="emit('choose', id)"
      >
        {{ named[id] }}
      </FrameKey>
      <slot />
    </div>
  </StationJobLine>
</template>

<style scoped>
.hint { color: var(--soft); font-size: var(--type-small); padding-bottom: var(--space-4); }
</style>
