<script setup lang="ts">
import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine'
import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter'

/** One place of a class: pressed, or dragged onto another, the two exchange who comes to them. */
const { index, label, name, picked } = defineProps<{ index: number, label: string, name: string | null, picked: boolean }>()
const emit = defineEmits<{ press: [], take: [from: number] }>()
const root = useTemplateRef<HTMLElement>('root')
const isOver = ref(false)

onMounted(() => {
  const element = root.value!
  const end = combine(
    draggable({ element, canDrag: () => name !== null, getInitialData: () => ({ slot: index }) }),
    dropTargetForElements({
      element,
      canDrop: ({ source }) => typeof source.data.slot === 'number' && source.data.slot !== index,
      onDragEnter: () => {
        isOver.value = true
      },
      onDragLeave: () => {
        isOver.value = false
      },
      onDrop: ({ source }) => {
        isOver.value = false
        emit('take', Number(source.data.slot))
      },
    }),
  )
  onUnmounted(end)
})
</script>

<template>
  <li ref="root" :class="{ over: isOver, empty: name === null }">
    <FrameKey :picked="picked" @click="emit('press')">
      <b class="print">{{ label }}</b> {{ name ?? '–' }}
    </FrameKey>
  </li>
</template>

<style scoped>
li .key { width: 100%; text-align: left; }
.over { outline: var(--line-heavy) dashed var(--chalk); outline-offset: 2px; }
.empty .key { color: var(--soft); }
</style>
