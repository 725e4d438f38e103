<script setup lang="ts">
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.default
const session = useSession()
const facts = useFacts()
const outbox = useOutbox()

const { moment } = useDates()
const clock = useClock()
/** On paper alone: of when it is, and how long the shop had been silent then. */
const printedAt = computed(() => [
  says.printed(moment(new Date(clock.nowMs.value).toISOString())),
  facts.isQuiet ? says.notHeardThen(facts.quietSince === null ? '' : moment(facts.quietSince)) : '',
  says.theScreenSays,
].filter(Boolean).join(' '))
onMounted(async () => {
  await outbox.load()
  await facts.open()
  warmUpLater()
})
onUnmounted(() => facts.close())
watch(() => session.person, (person) => {
  if (person === null) void navigateTo('/sign-in')
})
</script>

<template>
  <div class="frame">
    <!-- What a part worked out once, in one language, it works out anew in the other. -->
    <FrameHeader :key="language" />
    <FrameUnheard :key="language" />
    <FrameKeyList :key="language" />
    <!-- Nothing is shown, or can be touched, from rules and versions that were not read yet. -->
    <p v-if="facts.reading" class="printed">
      {{ printedAt }}
    </p>
    <slot v-if="facts.reading" :key="language" />
    <p v-else class="wait soft" role="status">
      {{ says.readingTheShop }}
    </p>
  </div>
</template>

<style scoped>
.wait { padding: var(--space-9) var(--space-8); }
.frame { min-height: 100dvh; display: flex; flex-direction: column; }
</style>
