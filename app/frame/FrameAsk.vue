<script setup lang="ts">
import type { KeyLook } from '~/frame/FrameKey.vue'
import { framePages } from '~/words/frame'

const says = framePages.ask

/** A key for what cannot be taken back, or not easily: pressed, it says what will be so then, and does it only when that is pressed too. */
defineOptions({ inheritAttrs: false })
const { asks, does, look = 'plain', busy = false } = defineProps<{
  /** What will be so, in its own words. */
  asks: string
  /** What the key says that does it. */
  does: string
  look?: KeyLook
  busy?: boolean
}>()
const emit = defineEmits<{ done: [] }>()
const isOpen = ref(false)
/** What the server says of it is said beside the key that asked. */
let asking: Element | null = null
watch(isOpen, (now) => {
  if (now) asking = lastPressed.value
})
function go() {
  isOpen.value = false
  lastPressed.value = asking
  emit('done')
}
</script>

<template>
  <UPopover v-model:open="isOpen" :content="{ side: 'top', align: 'end', collisionPadding: 8 }">
    <FrameKey :look="look" :disabled="busy" v-bind="$attrs">
      <slot />
    </FrameKey>
    <template #content>
      <p>{{ asks }}</p>
      <div class="keys">
        <FrameKey look="go" @click="go">
          {{ does }}
        </FrameKey>
        <FrameKey @click="isOpen = false">
          {{ says.leaveIt }}
        </FrameKey>
      </div>
    </template>
  </UPopover>
</template>
