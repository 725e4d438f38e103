<script setup lang="ts">
/** A labelled file from this device. The browser's own control: what it says of the file is said in its own words. */
const { label, accept, hint = '' } = defineProps<{ label: string, accept: string, hint?: string }>()
const emit = defineEmits<{ chosen: [file: File] }>()
function take(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) emit('chosen', file)
}
</script>

<template>
  <FrameField v-slot="{ id, describedBy }" :label="label" :hint="hint">
    <input :id="id" type="file" class="entry file" :accept="accept" :aria-describedby="describedBy" @change="take">
  </FrameField>
</template>

<style scoped>
.file { padding: 14px 12px; }
</style>
