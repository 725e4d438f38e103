<script setup lang="ts">
import { stationPages } from '~/words/station'

const says = stationPages.jobLine

/** A line of the job card: what it asks, what was said, and the keys when it is open. */
const { label, said, ink, open, unsaid = null } = defineProps<{
  label: string
  said: string | null
  ink: 'chalk' | 'pencil'
  open: boolean
  /** What stands there while nobody said it; null where it has to be said. */
  unsaid?: string | null
}>()
const emit = defineEmits<{ toggle: [], confirm: [] }>()

/** The line that opens by itself after an answer must not open under the foot of the card. */
const line = useTemplateRef('line')
const intoSight = () => {
  if (open) line.value?.scrollIntoView({ block: 'nearest' })
}
watch(() => open, intoSight, { flush: 'post' })
// One that is open from the start is there when the whole card is: what stands over it moves it as it is put in.
onMounted(() => requestAnimationFrame(intoSight))
</script>

<template>
  <div ref="line" class="line" :class="{ open }">
    <div class="top">
      <FrameKey look="bare" class="ask" :aria-expanded="open" @click="emit('toggle')">
        <span class="label">{{ label }}</span>
        <span v-if="said" :class="ink">{{ said }}</span>
        <span v-else-if="unsaid" class="soft">{{ unsaid }}</span>
        <span v-else class="none">{{ says.toSay }}</span>
      </FrameKey>
      <FrameKey v-if="ink === 'pencil' && said" class="confirm" @click="emit('confirm')">
        {{ says.thatIsRight }}
      </FrameKey>
    </div>
    <div v-if="open" class="body">
      <slot />
    </div>
  </div>
</template>

<style scoped>
.line {
  border-bottom: var(--line-thin) solid var(--rule);
  scroll-margin: 190px 0 90px;
}
.line.open {
  border-bottom: var(--line-rule) solid var(--ink);
  background: var(--bg);
  margin: 0 calc(-1 * var(--space-5));
  padding: 0 var(--space-5);
}
.top {
  display: flex;
  gap: var(--space-4);
  align-items: center;
}
.ask {
  flex: 1;
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr);
  gap: var(--space-5);
  align-items: center;
  min-height: 56px;
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.label {
  color: var(--soft);
  font-weight: 600;
}
.none {
  font-weight: 800;
  color: var(--hold);
}
.body {
  padding: 0 0 var(--space-6);
}
.confirm {
  min-height: 48px;
  padding: 0 var(--space-5);
  font-size: var(--type-small);
}
</style>
