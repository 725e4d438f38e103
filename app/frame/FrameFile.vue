<script setup lang="ts">
import { partPages } from '~/words/parts'

const says = partPages.file

/** A labelled file from this device, chosen by its key. */
const { label, accept, hint = '' } = defineProps<{ label: string, accept: string, hint?: string }>()
const emit = defineEmits<{ chosen: [file: File] }>()
const file = shallowRef<File | null>(null)
watch(file, (chosen) => {
  if (chosen) emit('chosen', chosen)
})
</script>

<template>
  <FrameField v-slot="{ labelledBy, describedBy }" is-group :label="label" :hint="hint">
    <UFileUpload v-slot="{ open }" v-model="file" :accept="accept" :interactive="false" :preview="false">
      <FrameKey :aria-describedby="`${labelledBy} ${describedBy}`" @click="open()">
        {{ file ? file.name : says.chooseAFile }}
      </FrameKey>
    </UFileUpload>
  </FrameField>
</template>
