<script setup lang="ts">
const text = ref('')
const isTicked = ref(false)
const chosen = ref('a')
</script>

<template>
  <UApp>
    <h1>Zonaris</h1>
    <UButton>Stop</UButton>
    <UInput v-model="text" />
    <UCheckbox v-model="isTicked" />
    <USelect v-model="chosen" :items="['a', 'b']" />
  </UApp>
</template>
