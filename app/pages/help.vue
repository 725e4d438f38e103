<script setup lang="ts">
import { EMERGENCIES } from '#core/emergency/emergencies'
import { emergencyWords } from '~/words/emergency-words'
import { helpPages } from '~/words/help'

const says = helpPages.page

// Reached also where nobody is signed in: what to do first waits for no password.
definePageMeta({ layout: false, isPublic: true })
/** What happened? Large, few words, reached from every screen. */
const route = useRoute()
const session = useSession()
if (session.reading === null) await session.load()
const isOpen = computed(() => typeof route.params.emergency === 'string')
</script>

<template>
  <NuxtLayout :name="session.person ? 'default' : 'bare'">
    <NuxtPage v-if="isOpen" />
    <main v-else class="page help">
      <h1>{{ says.whatHappened }}</h1>
      <EmergencyCalls :calls="['emergency', 'fire-point', 'first-aid']" />
      <ul>
        <li v-for="id in EMERGENCIES" :key="id">
          <NuxtLink :to="`/help/${id}`">
            <b>{{ emergencyWords.names[id] }}</b><span>{{ emergencyWords.signs[id] }}</span>
          </NuxtLink>
        </li>
      </ul>
    </main>
  </NuxtLayout>
</template>

<style scoped>
.help h1 {
  font-size: var(--type-figure);
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 460px), 1fr));
  gap: 0 var(--space-9);
  border-top: var(--line-rule) solid var(--ink);
  margin-top: var(--space-6);
}
a {
  display: grid;
  gap: var(--space-1);
  align-content: center;
  min-height: 84px;
  border-bottom: var(--line-thin) solid var(--rule);
  color: inherit;
  text-decoration: none;
  padding: var(--space-4) var(--space-2);
}
a:hover {
  background: var(--panel);
}
b {
  font-size: var(--type-big);
  font-weight: 850;
}
</style>
