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
    <FrameKey look="go" @click="clearError({ redirect: '/' })">
      Back to the floor
    </FrameKey>
    <p v-if="!missing" class="soft">
      {{ error.message }}
    </p>
  </main>
</template>
