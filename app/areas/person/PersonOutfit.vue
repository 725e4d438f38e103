<script setup lang="ts">
import { usualOf } from '#core/ppe/wearables'
import { garmentWords } from '~/words/garment-words'
import { peoplePages } from '~/words/people'

const says = peoplePages.outfit

/** What somebody usually has on, as it was last told at the door, and what they have of the shop. */
const { personId } = defineProps<{ personId: string }>()
const facts = useFacts()
const session = useSession()
const person = computed(() => facts.reading?.people.find(one => one.personId === personId))
/** A thing that covers several zones is told of each: it is named once. */
const usual = computed(() => [...new Set(usualOf(person.value?.outfit ?? null).flatMap(({ like }) => like ?? []))]
  .map(like => garmentWords.wearables[like]))
const lent = computed(() => (person.value?.loans ?? []).map(({ wearable }) => garmentWords.wearables[wearable]))
</script>

<template>
  <section v-if="person" class="outfit" :aria-label="says.clothes">
    <h3>{{ says.clothes }}</h3>
    <p>{{ usual.length === 0 ? says.neverTold : says.usually(usual.join('; ')) }}</p>
    <p v-if="lent.length > 0">
      {{ says.ofTheShop(lent.join('; ')) }}
    </p>
    <NuxtLink v-if="session.may('door-checks')" class="to-door" :to="{ path: '/door', query: { who: personId } }">
      {{ says.toTheDoor }}
    </NuxtLink>
  </section>
</template>

<style scoped>
.outfit { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-2); }
.to-door { display: inline-flex; align-items: center; min-height: 56px; font-weight: 750; text-decoration: underline; justify-self: start; }
</style>
