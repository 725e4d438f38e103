<script setup lang="ts">
import { LANGUAGE_NAMES, LANGUAGES } from '#shared/words/language'

/** A paper to print, in each language that is read here. */
const { name, to } = defineProps<{ name: string, to: string }>()
const inLanguage = (language: string) => `${to}${to.includes('?') ? '&' : '?'}language=${language}`
</script>

<template>
  <p class="papers">
    <b>{{ name }}</b>
    <a v-for="language in LANGUAGES" :key="language" :href="inLanguage(language)" target="_blank" rel="noopener">
      {{ LANGUAGE_NAMES[language] }} <span class="visually-hidden">{{ name }}</span>
    </a>
  </p>
</template>

<style scoped>
.papers { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-6); align-items: center; }
a { min-height: 56px; display: inline-flex; align-items: center; text-decoration: underline; font-weight: 650; }
</style>
