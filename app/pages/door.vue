<script setup lang="ts">
import { protectionSentences } from '#shared/words/en/protection-findings'
import { learnSentences } from '#shared/words/speak'
import { WARDROBE_STREAM } from '#core/ids/streams'
import { doorPages } from '~/words/door'

const says = doorPages.page
learnSentences(protectionSentences)

/** The door check: a class on one screen, one person from head to foot, and the clothes that the shop lends. */
const session = useSession()
const route = useRoute()
const router = useRouter()
const { people } = useDoor()
const { reading, problem } = useReading('wardrobe', () => ({}), among(WARDROBE_STREAM))
/** Null until it was read: nobody knows what hangs there. */
const lines = computed(() => reading.value?.lines ?? null)
const group = ref('')
const chosen = computed(() => people.value.find(({ personId }) => personId === route.query.who) ?? null)
const isStock = computed(() => route.query.do === 'stock')
const go = (query: Record<string, string>) => router.push({ path: route.path, query })
</script>

<template>
  <main class="page">
    <h1>{{ says.atTheDoor }}</h1>
    <p v-if="!session.may('door-checks') && !isStock" class="said">
      {{ says.instructorLooks }}
    </p>
    <template v-else-if="isStock">
      <DoorStock v-if="lines" :lines="lines" />
    </template>
    <DoorPerson
      v-else-if="chosen"
      :key="chosen.personId"
      :person="chosen"
      :lines="lines"
      :sizes="reading?.sizes[chosen.personId] ?? {}"
      @done="go({})"
    />
    <template v-else>
      <p class="lead">
        {{ says.lead }}
      </p>
      <DoorPeople v-model="group" @chosen="go({ who: $event })" />
    </template>
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <p v-if="!chosen" class="other">
      <NuxtLink v-if="isStock" to="/door">
        {{ says.atTheDoor }}
      </NuxtLink>
      <NuxtLink v-else to="/door?do=stock">
        {{ says.shopClothes }}
      </NuxtLink>
    </p>
  </main>
</template>

<style scoped>
.other { margin-top: var(--space-7); }
.other a { display: inline-flex; align-items: center; min-height: 56px; font-weight: 750; text-decoration: underline; }
</style>
