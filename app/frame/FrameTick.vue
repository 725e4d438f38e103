<script setup lang="ts">
/** Something that is so, or is not: its words are part of the target. */
const { label } = defineProps<{ label: string }>()
const isSo = defineModel<boolean>({ required: true })
</script>

<template>
  <!-- The box is told once what it is called: with other words it is another box. -->
  <UCheckbox :key="label" v-model="isSo" :label="label" />
</template>
