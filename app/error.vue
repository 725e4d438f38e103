<script setup lang="ts">
import type { NuxtError } from '#app'

const { error } = defineProps<{ error: NuxtError }>()
const missing = computed(() => error.statusCode === 404)
</script>

<template>
  <main class="page">
    <h1>{{ missing ? 'There is no such page' : 'This page failed' }}</h1>
    <p class="lead">
      <template v-if="missing">
        The address leads nowhere. Nothing is lost.
      </template>
      <template v-else>
        Something went wrong that should not have. What was recorded is safe; what you did last may not be sent yet and is kept on this
        device.
      </template>
    </p>
    <button class="key go" type="button" @click="clearError({ redirect: '/' })">
      Back to the floor
    </button>
    <p v-if="!missing" class="soft">
      {{ error.message }}
    </p>
  </main>
</template>
