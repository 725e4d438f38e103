<script setup lang="ts">
/**
 * Why something was refused: said beside the keys of which one was pressed, and brought into sight. Where none was pressed near it, it
 * stands where the page put it.
 */
const { says } = defineProps<{ says: string | null }>()

const place = useTemplateRef('place')
const line = useTemplateRef('line')
/** Stands behind the row of the key that was pressed, as long as there is something to say. */
const spot = shallowRef<HTMLElement | null>(null)

const clear = () => {
  spot.value?.remove()
  spot.value = null
}
/** The key pressed last on this page, where it lies in the part of the page that this stands in. */
function rowPressed(): Element | null {
  const pressed = lastPressed.value
  if (!pressed?.isConnected || !place.value?.parentElement?.contains(pressed)) return null
  return pressed.closest('.keys, .actions, .foot') ?? pressed
}
watch(() => says, async (now) => {
  clear()
  if (!now) return
  const row = rowPressed()
  if (row) {
    spot.value = document.createElement('div')
    row.after(spot.value)
  }
  await nextTick()
  // What fell back with the refusal may have taken the row with it: then it is said where the page put it.
  if (spot.value && !spot.value.isConnected) clear()
  await nextTick()
  line.value?.scrollIntoView({ block: 'nearest' })
}, { flush: 'post' })
onBeforeUnmount(clear)
</script>

<template>
  <span ref="place" hidden />
  <Teleport :to="spot ?? 'body'" :disabled="spot === null">
    <p v-if="says" ref="line" class="said refused" role="alert">
      {{ says }}
    </p>
  </Teleport>
</template>

<style scoped>
.refused { margin: var(--space-4) 0; scroll-margin: 80px; }
</style>
