<script setup lang="ts">
import type { NuxtError } from '#app'
import { framePages } from '~/words/frame'

const says = framePages.error

const { error } = defineProps<{ error: NuxtError }>()
const missing = computed(() => error.statusCode === 404)
</script>

<template>
  <main class="page">
    <h1>{{ missing ? says.thereIsNoSuchPage : says.thisPageFailed }}</h1>
    <p class="lead">
      <template v-if="missing">
        {{ says.theAddressLeadsNowhereNothing }}
      </template>
      <template v-else>
        {{ says.somethingWentWrongThatShould }}
      </template>
    </p>
    <FrameKey look="go" @click="clearError({ redirect: '/' })">
      {{ says.backToTheFloor }}
    </FrameKey>
    <p v-if="!missing" class="soft">
      {{ error.message }}
    </p>
  </main>
</template>
