<script setup lang="ts">
import type { PermitPageReading } from '#shared/contract/readings'
import type { PermitCommands } from '#core/streams/permit/permit'
import { fireWords } from '~/words/fire-words'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.authorise

/** The signature: who watches, with what at hand, what else burns near, how the watch is reached; then a PIN. */
const { reading, busy } = defineProps<{ reading: PermitPageReading, busy: boolean }>()
const emit = defineEmits<{
  sign: [payload: PermitCommands['permit.authorise'], signature: { personId: string, pin: string }]
  refuse: [reason: string]
}>()
const facts = useFacts()
/** Screens that are heard, by whichever of the two readings says fewer: screens come and go without a change that is told. */
const screens = computed(() => Math.min(reading.screens, facts.reading?.fire.screens ?? 0))
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
const { whereabouts } = useWhereabouts()
const free = computed(() => {
  const people = facts.reading?.people ?? []
  return withPicked(watchersToOffer(people, permit.value.request.operatorIds, whereabouts.value), people, watcherIds.value)
})
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
  <section class="authorise" :aria-label="says.authorise">
    <h3>{{ says.atHand }}</h3>
    <p v-for="item in reading.kit" :key="item.tag" class="thing">
      <b>{{ item.tag }}</b> {{ item.name }}
      <span :class="item.mayUse ? 'state-open' : 'state-hold'">{{
        item.mayUse ? says.inService : lookup.say(item.findings[0]!).brief }}</span>
    </p>
    <KitBring :label="says.bringAnExtinguisherByIts" :to="{ to: 'permit', id: reading.permitId }" />
    <h3>{{ says.fireWatchWithNoOther(permit.plan.watchers) }}</h3>
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
    <p v-if="free.length === 0" class="soft">
      {{ says.nobodyFree }}
    </p>
    <template v-if="reading.near.length > 0">
      <h3>{{ says.nearAtTheSameTime }}</h3>
      <p v-for="one in reading.near" :key="one.permitId">
        <NuxtLink :to="`/hot-work/${one.permitId}`">{{ one.code }}</NuxtLink> {{ one.where }}, {{ fireWords.phases[one.phase] }}
      </p>
      <FrameTick v-model="nearSeen" :label="says.lookedAtAndSpokenWith" />
    </template>
    <h3>{{ says.ifThisPhoneFallsSilent }}</h3>
    <FrameText
      v-model="channel"
      :label="says.anotherWayToReachThe"
      :hint="screens >= 2 ? says.aSecondScreenIsHeard : says.onlyOneScreenIsHeard"
      maxlength="80"
      :placeholder="says.radioChannel2"
    />
    <h3>{{ says.sign }}</h3>
    <StationSignature :busy="busy" :does="says.authoriseTheWork" @sign="sign" />
    <FrameKey :aria-expanded="refusing" @click="refusing = !refusing">
      {{ says.refuseIt }}
    </FrameKey>
    <FrameForm v-if="refusing" class="bring" @send="emit('refuse', reason.trim())">
      <FrameText v-model="reason" :label="says.why" maxlength="500" is-needed />
      <FrameKey type="submit">
        {{ says.refuse }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.authorise { display: grid; gap: var(--space-4); }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.thing span { font-weight: 700; }
.bring { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: var(--space-4); align-items: center; }
.names { display: flex; flex-wrap: wrap; gap: var(--space-4); }
</style>
