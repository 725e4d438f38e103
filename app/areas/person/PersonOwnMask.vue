<script setup lang="ts">
import type { WearersReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.ownMask
const { day } = useDates()

/** What is written down about one's own mask: everybody may see their own. */
const session = useSession()
const own = shallowRef<WearersReading['wearers'][number] | null>(null)
const isRead = ref(false)
onMounted(async () => {
  const reply = await askFor('wearers')
  if (!reply.ok) return
  own.value = reply.body.wearers.find(({ personId }) => personId === session.person?.personId) ?? null
  isRead.value = true
})
</script>

<template>
  <section v-if="isRead" class="own" :aria-label="says.myMask">
    <h2>{{ says.myMask }}</h2>
    <p v-if="own">
      <span
        class="chalk"
      >{{ words.masks[own.mask] }}</span>{{ says.fitTestMedicallyClearedThe(
        own.fitTestedOn ? day(own.fitTestedOn) : says.never,
        own.medicallyClearedOn ? day(own.medicallyClearedOn) : says.never,
      ) }}
    </p>
    <p v-else class="soft">
      {{ says.nothingIsWrittenDown }}
    </p>
  </section>
</template>

<style scoped>
.own { border-top: var(--line-rule) solid var(--ink); margin-top: var(--space-9); padding-top: var(--space-5); max-width: 860px; }
</style>
