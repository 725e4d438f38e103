<script setup lang="ts">
import type { PermitPageReading } from '#shared/contract/readings'
import type { PermitCommands } from '#core/streams/permit/permit'
import { fireWords } from '#shared/words/en/fire-findings'

/** The signature: who watches, with what at hand, what else burns near, how the watch is reached; then a PIN. */
const { reading, busy } = defineProps<{ reading: PermitPageReading, busy: boolean }>()
const emit = defineEmits<{
  sign: [payload: PermitCommands['permit.authorise'], signature: { personId: string, pin: string }]
  refuse: [reason: string]
}>()
const facts = useFacts()
/** Screens that are heard, by whichever of the two readings says fewer: screens come and go without a change that is told. */
const screens = computed(() => Math.min(reading.screens, facts.reading?.fire.screens ?? 0))
const judged = useJudged()
const lookup = useLookup()
const permit = computed(() => reading.permit)
const watcherIds = ref<readonly string[]>([])
const channel = ref('')
const nearSeen = ref(false)
const refusing = ref(false)
const reason = ref('')
const toggle = (personId: string) => {
  watcherIds.value = watcherIds.value.includes(personId)
    ? watcherIds.value.filter(id => id !== personId)
    : [...watcherIds.value, personId]
}
const atBays = computed(() => new Set(judged.placed.flatMap(({ station }) => station.personId ?? [])))
const free = computed(
  () =>
    facts.reading?.people.filter(({ personId }) => !permit.value.request.operatorIds.includes(personId) && !atBays.value.has(personId))
    ?? [],
)
const sign = (signature: { personId: string, pin: string }) =>
  emit(
    'sign',
    {
      watcherIds: watcherIds.value,
      secondChannel: channel.value.trim() || null,
      nearSeen: nearSeen.value ? reading.near.map(({ permitId }) => permitId) : [],
    },
    signature,
  )
</script>

<template>
  <section class="authorise" aria-label="Authorise">
    <h3>At hand</h3>
    <p v-for="item in reading.kit" :key="item.tag" class="thing">
      <b>{{ item.tag }}</b> {{ item.name }}
      <span :class="item.mayUse ? 'state-open' : 'state-hold'">{{ item.mayUse ? 'in service' : lookup.say(item.findings[0]!).brief }}</span>
    </p>
    <KitBring label="Bring an extinguisher by its tag" :to="{ to: 'permit', id: reading.permitId }" />
    <h3>Fire watch: {{ permit.plan.watchers }}, with no other task</h3>
    <div class="names">
      <FrameKey
        v-for="{ personId, name } in free"
        :key="personId"
        :picked="watcherIds.includes(personId)"
        @click="toggle(personId)"
      >
        {{ name }}
      </FrameKey>
    </div>
    <template v-if="reading.near.length > 0">
      <h3>Near, at the same time</h3>
      <p v-for="one in reading.near" :key="one.permitId">
        <NuxtLink :to="`/hot-work/${one.permitId}`">{{ one.code }}</NuxtLink> {{ one.where }}, {{ fireWords.phases[one.phase] }}
      </p>
      <FrameTick v-model="nearSeen" label="Looked at, and spoken with their people" />
    </template>
    <h3>If this phone falls silent</h3>
    <FrameField
      v-slot="{ id }"
      label="Another way to reach the watch"
      :hint="screens >= 2
        ? 'A second screen is heard; a radio or telephone is better still.'
        : 'Only one screen is heard: name a radio or a telephone.'"
    >
      <UInput :id="id" v-model="channel" maxlength="80" placeholder="radio channel 2" />
    </FrameField>
    <h3>Sign</h3>
    <StationSignature :busy="busy" does="Authorise the work" @sign="sign" />
    <FrameKey :aria-expanded="refusing" @click="refusing = !refusing">
      Refuse it
    </FrameKey>
    <form v-if="refusing" class="bring" @submit.prevent="reason.trim() && emit('refuse', reason.trim())">
      <FrameField v-slot="{ id }" label="Why">
        <UInput :id="id" v-model="reason" maxlength="500" />
      </FrameField>
      <FrameKey type="submit" :disabled="!reason.trim()">
        Refuse
      </FrameKey>
    </form>
  </section>
</template>

<style scoped>
.authorise { display: grid; gap: 8px; }
h3 { font-size: 18px; border-top: 2px solid var(--ink); padding-top: 8px; }
.thing span { font-weight: 700; }
.bring { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 8px; align-items: center; }
.names { display: flex; flex-wrap: wrap; gap: 8px; }
</style>
