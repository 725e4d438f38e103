<script setup lang="ts">
import { peoplePages } from '~/words/people'

const says = peoplePages.mySignIn
const session = useSession()
</script>

<template>
  <main class="page">
    <h1>{{ says.mySignIn }}</h1>
    <p class="lead">
      {{ says.yourPasswordSignsYouIn }}
    </p>
    <div class="two">
      <PersonOwnSecret kind="pin" />
      <PersonOwnSecret kind="password" />
    </div>
    <PersonDevices of="me" />
    <PersonOwnMask />
    <PersonOwnAir />
    <LazyPersonAirRecord v-if="session.person" :person-id="session.person.personId" is-own />
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 0 var(--space-10);
  max-width: 860px;
}
</style>
