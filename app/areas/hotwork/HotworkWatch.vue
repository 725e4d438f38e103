<script setup lang="ts">
import { needsCover, nextVisitAt } from '#core/streams/permit/permit-deadlines'
import { minutesAfter } from '#core/time/instant'
import type { Permit } from '#core/streams/permit/permit'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { hotworkWords } from '~/words/hotwork-words'
import type { SpokenCauseId } from '#core/ids/hotwork-ids'
import { SPOKEN_CAUSES } from '#core/ids/hotwork-ids'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.watch

/** The watcher's screen, for a cold hand: the time to the next round, what to look at, and three keys. */
const { permit, personId, unsent, busy } = defineProps<{ permit: ShownPermit, personId: string, unsent: number, busy: boolean }>()
const emit = defineEmits<{
  round: []
  stop: [cause: SpokenCauseId]
  help: []
  leave: []
  relieve: [signature: { personId: string, pin: string }]
}>()
const { time } = useDates()
const { countdown, msUntil, left } = usePermitClock()
const { canStayAwake, isKept, slept, forget } = useWakeful()
const full = computed<Permit>(() => ({ ...permit, token: '' }))
const post = computed(() => permit.posts.find(one => one.personId === personId) ?? null)
const dueAt = computed(() =>
  permit.phase === 'monitoring'
    ? nextVisitAt(full.value)
    : post.value && needsCover(full.value)
      ? minutesAfter(post.value.heardAt, permit.plan.roundEveryMin)
      : null,
)
const isDue = computed(() => dueAt.value !== null && msUntil(dueAt.value) <= 0)
const isMissed = computed(() => dueAt.value !== null && msUntil(dueAt.value) < -permit.plan.gapMin * 60_000)
const wrong = ref(false)
const relieving = ref(false)
const LOOK_AT = computed(() => {
  const asked = new Set(permit.plan.precautions.map(({ id }) => id))
  return [
    says.theWholeCircleLowAnd,
    ...(asked.has('openings-covered') ? [says.coversAndBlanketsEdgesTight] : []),
    ...(asked.has('other-side') ? [says.theOtherSideOfWalls] : []),
    ...(asked.has('levels-below') ? [says.everyLevelBelow] : []),
    ...(asked.has('ducts-conveyors') ? [says.ductsAndConveyors] : []),
    says.smokeSmellGlowHeat,
    says.hotPiecesMarkedExtinguisherStill,
  ]
})
const clockSays = computed(() => {
  if (isMissed.value) return says.roundMissedDueSince
  if (isDue.value) return says.roundDueSince
  return permit.phase === 'monitoring' ? says.nextLookIn : says.nextRoundIn
})
</script>

<template>
  <section class="watch" :class="{ due: isDue, missed: isMissed }" :aria-label="says.fireWatch">
    <p v-if="slept" class="slept" role="alert">
      {{ says.thisPhoneSleptFromTo(time(new Date(slept.fromMs).toISOString()), time(new Date(slept.untilMs).toISOString())) }}
      <FrameKey @click="forget">
        {{ says.seen }}
      </FrameKey>
    </p>
    <div class="clock" role="timer" :aria-label="isDue ? says.roundDue : says.nextRound">
      <p v-if="dueAt" class="label">
        {{ clockSays }}
      </p>
      <p v-if="dueAt" class="count print">
        {{ countdown(dueAt) }}
      </p>
      <p v-else class="label">
        {{ permit.phase === 'authorised' ? says.onPostTheWorkHas : says.noRoundIsDue }}
      </p>
      <p class="ends">
        {{ permit.phase === 'working' ? says.untilThenMinOfWatch(time(permit.untilAt), permit.plan.afterMin) : left(permit) }}
      </p>
    </div>
    <FrameKey look="go" class="round" :disabled="busy" @click="emit('round')">
      {{ says.roundDone }}
    </FrameKey>
    <p v-if="unsent > 0" class="pencil kept">
      {{ says.keptOnThisPhoneAnd(unsent === 1 ? says.oneRoundIs : says.roundsAre(unsent)) }}
    </p>
    <div class="two">
      <FrameKey look="stop" :aria-expanded="wrong" @click="wrong = !wrong">
        {{ says.somethingIsWrong }}
      </FrameKey>
      <NuxtLink class="stop-key help" to="/help/fire" @click="emit('help')">
        {{ says.callForHelp }}
      </NuxtLink>
    </div>
    <div v-if="wrong" class="keys causes">
      <FrameKey v-for="cause in SPOKEN_CAUSES" :key="cause" @click="emit('stop', cause); wrong = false">
        {{ hotworkWords.spokenCauses[cause] }}
      </FrameKey>
    </div>
    <h3>{{ says.whatToLookAt }}</h3>
    <ul class="look">
      <li v-for="text in LOOK_AT" :key="text">
        {{ text }}
      </li>
    </ul>
    <FrameKey :aria-expanded="relieving" @click="relieving = !relieving">
      {{ says.whoRelievesMe }}
    </FrameKey>
    <div v-if="relieving">
      <p class="soft">
        {{ says.whoeverComesSignsHereWhile }}
      </p>
      <StationSignature :busy="busy" :does="says.iTakeTheWatchNow" @sign="emit('relieve', $event)" />
      <FrameKey look="quiet" @click="emit('leave')">
        {{ says.iLeaveAndNobodyTakes }}
      </FrameKey>
    </div>
    <p class="soft awake">
      <template v-if="isKept">
        {{ says.theScreenStaysOn }}
      </template>
      <template v-else-if="canStayAwake">
        {{ says.theScreenMayGoDark }}
      </template>
      <template v-else>
        {{ says.thisPhoneCannotKeepIts }}
      </template>
      {{ says.ifThisPhoneFallsSilent(permit.plan.roundEveryMin + permit.plan.gapMin) }}
    </p>
  </section>
</template>

<style scoped>
.watch {
  display: grid;
  gap: var(--space-5);
}
.clock {
  border: 4px solid var(--ink);
  padding: var(--space-4) var(--space-6) var(--space-5);
  text-align: center;
  background: var(--bg);
}
.due .clock {
  border-color: var(--hold);
}
.missed .clock {
  border-color: var(--stop);
  border-width: 8px;
}
.label {
  font-size: var(--type-head);
  font-weight: 750;
}
.due .label {
  color: var(--hold);
}
.missed .label {
  color: var(--stop);
}
.count {
  font-size: var(--type-clock);
  font-weight: 950;
  line-height: 1;
  letter-spacing: -0.03em;
}
.ends {
  font-size: var(--type-lead);
  font-weight: 650;
}
.round {
  min-height: 96px;
  font-size: var(--type-figure);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-4);
}
.two .stop-key {
  min-height: 76px;
  padding: 0 var(--space-6);
  font-size: var(--type-lead);
}
.help {
  display: grid;
  place-items: center;
  text-decoration: none;
}
h3 {
  font-size: var(--type-lead);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
.look {
  font-size: var(--type-lead);
  font-weight: 650;
  columns: 2;
  column-gap: var(--space-8);
}
.look li {
  break-inside: avoid;
  padding: var(--space-2) 0 var(--space-2) var(--space-6);
  text-indent: calc(-1 * var(--space-6));
}
.look li::before {
  content: '– ';
}
.causes .key {
  flex: 1 1 30%;
  min-height: 64px;
}
.kept {
  font-weight: 600;
}
.slept {
  display: flex;
  align-items: center;
  gap: var(--space-5);
  border-left: 8px solid var(--stop);
  padding: var(--space-4) var(--space-6);
  font-weight: 700;
  background: var(--bg);
}
.awake {
  font-size: var(--type-small);
}
@media (max-width: 420px) {
  .look {
    columns: 1;
  }
}
</style>
