<script setup lang="ts">
import { needsCover, nextVisitAt } from '#core/streams/permit/permit-deadlines'
import { minutesAfter } from '#core/time/instant'
import type { Permit } from '#core/streams/permit/permit'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { hotworkWords } from '#shared/words/en/hotwork-words'
import type { SpokenCauseId } from '#core/ids/hotwork-ids'
import { SPOKEN_CAUSES } from '#core/ids/hotwork-ids'

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
    'The whole circle, low and behind things',
    ...(asked.has('openings-covered') ? ['Covers and blankets: edges tight'] : []),
    ...(asked.has('other-side') ? ['The other side of walls and ceilings'] : []),
    ...(asked.has('levels-below') ? ['Every level below'] : []),
    ...(asked.has('ducts-conveyors') ? ['Ducts and conveyors'] : []),
    'Smoke, smell, glow, heat',
    'Hot pieces marked; extinguisher still here',
  ]
})
const clockSays = computed(() => {
  if (isMissed.value) return 'Round missed. Due since'
  if (isDue.value) return 'Round due since'
  return permit.phase === 'monitoring' ? 'Next look in' : 'Next round in'
})
</script>

<template>
  <section class="watch" :class="{ due: isDue, missed: isMissed }" aria-label="Fire watch">
    <p v-if="slept" class="slept" role="alert">
      This phone slept from {{ time(new Date(slept.fromMs).toISOString()) }} to {{ time(new Date(slept.untilMs).toISOString()) }}. The
      shop's clock went on.
      <FrameKey @click="forget">
        Seen
      </FrameKey>
    </p>
    <div class="clock" role="timer" :aria-label="isDue ? 'Round due' : 'Next round'">
      <p v-if="dueAt" class="label">
        {{ clockSays }}
      </p>
      <p v-if="dueAt" class="count print">
        {{ countdown(dueAt) }}
      </p>
      <p v-else class="label">
        {{ permit.phase === 'authorised' ? 'On post. The work has not begun.' : 'No round is due.' }}
      </p>
      <p class="ends">
        {{ permit.phase === 'working' ? `until ${time(permit.untilAt)}, then ${permit.plan.afterMin} min of watch` : left(permit) }}
      </p>
    </div>
    <FrameKey look="go" class="round" :disabled="busy" @click="emit('round')">
      Round done
    </FrameKey>
    <p v-if="unsent > 0" class="pencil kept">
      {{ unsent === 1 ? 'One round is' : `${unsent} rounds are` }} kept on this phone and will be sent.
    </p>
    <div class="two">
      <FrameKey look="stop" :aria-expanded="wrong" @click="wrong = !wrong">
        Something is wrong
      </FrameKey>
      <NuxtLink class="stop-key help" to="/help/fire" @click="emit('help')">
        Call for help
      </NuxtLink>
    </div>
    <div v-if="wrong" class="keys causes">
      <FrameKey v-for="cause in SPOKEN_CAUSES" :key="cause" @click="emit('stop', cause); wrong = false">
        {{ hotworkWords.spokenCauses[cause] }}
      </FrameKey>
    </div>
    <h3>What to look at</h3>
    <ul class="look">
      <li v-for="text in LOOK_AT" :key="text">
        {{ text }}
      </li>
    </ul>
    <FrameKey :aria-expanded="relieving" @click="relieving = !relieving">
      Who relieves me
    </FrameKey>
    <div v-if="relieving">
      <p class="soft">
        Whoever comes signs here, while you are still there. No minute without a watch.
      </p>
      <StationSignature :busy="busy" does="I take the watch now" @sign="emit('relieve', $event)" />
      <FrameKey look="quiet" @click="emit('leave')">
        I leave, and nobody takes over
      </FrameKey>
    </div>
    <p class="soft awake">
      <template v-if="isKept">
        The screen stays on.
      </template>
      <template v-else-if="canStayAwake">
        The screen may go dark: touch it before each round.
      </template>
      <template v-else>
        This phone cannot keep its screen on here (no secure connection). Touch it before each round.
      </template>
      If this phone falls silent, the shop is told after {{ permit.plan.roundEveryMin + permit.plan.gapMin }} min.
    </p>
  </section>
</template>

<style scoped>
.watch {
  display: grid;
  gap: 10px;
}
.clock {
  border: 4px solid var(--ink);
  padding: 8px 14px 10px;
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
  font-size: 20px;
  font-weight: 750;
}
.due .label {
  color: var(--hold);
}
.missed .label {
  color: var(--stop);
}
.count {
  font-size: 84px;
  font-weight: 950;
  line-height: 1;
  letter-spacing: -0.03em;
}
.ends {
  font-size: 17px;
  font-weight: 650;
}
.round {
  min-height: 96px;
  font-size: 28px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.two .stop-key {
  min-height: 76px;
  padding: 0 12px;
  font-size: 19px;
}
.help {
  display: grid;
  place-items: center;
  text-decoration: none;
}
h3 {
  font-size: 18px;
  border-top: 2px solid var(--ink);
  padding-top: 8px;
}
.look {
  font-size: 17px;
  font-weight: 650;
  columns: 2;
  column-gap: 20px;
}
.look li {
  break-inside: avoid;
  padding: 3px 0 3px 14px;
  text-indent: -14px;
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
  gap: 10px;
  border-left: 8px solid var(--stop);
  padding: 8px 12px;
  font-weight: 700;
  background: var(--bg);
}
.awake {
  font-size: 15px;
}
@media (max-width: 420px) {
  .look {
    columns: 1;
  }
}
</style>
