<script setup lang="ts">
/** Something that is so, or is not: its words are part of the target. */
const { label } = defineProps<{ label: string }>()
const isSo = defineModel<boolean>({ required: true })
</script>

<template>
  <UCheckbox v-model="isSo" :label="label" />
</template>
