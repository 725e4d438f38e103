<script setup lang="ts">
import { hasEnded } from '#core/streams/permit/permit-end'
import { isAirTested } from '#core/hotwork/permit-readiness'
import type { PermitCommands } from '#core/streams/permit/permit'
import { fireWords } from '~/words/fire-words'
import type { PermitPhase, PrecautionId, SpokenCauseId } from '#core/ids/hotwork-ids'
import { permitStream } from '#core/ids/streams'
import { hotWorkPages } from '~/words/hotWork'
import { language } from '~/words/live'
import type { Signature } from '~/areas/hotwork/signature'

const says = hotWorkPages.permit

/** One permit: how far it has come, the one thing to do next, and its whole life. Whoever is on post sees the watch. */
const route = useRoute()
const lookup = useLookup()
const { time } = useDates()
const permitId = computed(() => typeof route.params.permitId === 'string' ? route.params.permitId : null)
const { reading, permit, problem, waiting } = usePermit(() => permitId.value)
const { turn, left } = usePermitClock()
const { act, sign, said, isRefused, busy } = useSenderTo(() => permitStream(permitId.value ?? ''))

const { me, mayHere, mayWork, onPost, mayTakePost } = usePermitRights(() => permit.value)
const phase = computed(() => permit.value?.phase ?? 'requested')
const now = computed(() => permit.value && turn(permit.value))
const nameOf = (personId: string) => lookup.names.get(personId) ?? says.somebodyWhoHasLeft
/** Phases whose own part has its stop. */
const STOP_SHOWN: readonly PermitPhase[] = ['authorised', 'working', 'suspended', 'monitoring']
/** Stopped, or help called, before anything was authorised: nothing goes on until somebody says what was put right. */
const isStopOpen = computed(
  () =>
    permit.value !== null
    && (phase.value === 'requested' || phase.value === 'precautions')
    && (permit.value.suspension !== null || permit.value.isHelpOpen),
)
const more = ref(false)
const askAir = ref(false)
const version = () => reading.value?.version ?? null
const seenTo = (precaution: PrecautionId, how: 'done' | 'justified', reason?: string) =>
  act('permit.see-to', { precaution, how, ...(reason ? { reason } : {}) })
const authorise = (payload: PermitCommands['permit.authorise'], signature: Signature) =>
  sign('permit.authorise', payload, signature, version())
const stop = (cause: SpokenCauseId) => act('permit.stop', { cause })
const resume = (cleared: string, signature: Signature) => sign('permit.resume', { cleared }, signature, version())
const relieve = (signature: Signature) => sign('permit.relieve', { relievedId: me.value }, signature)
</script>

<template>
  <article class="permit">
    <header>
      <h2>
        {{ permit?.request.place.where ?? says.permit }}<small v-if="permit" class="print">{{ permit.code }}</small>
      </h2>
      <NuxtLink class="key quiet link" to="/hot-work">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <p v-if="!permit || !reading" class="soft" role="status">
      {{ problem ? '' : says.readingThePermit }}
    </p>
    <template v-else>
      <HotworkLine v-if="!onPost" class="line" :phase="phase" wide />
      <p v-if="now && now.says && !onPost" class="turn">
        <b :class="`state-${now.tone}`">{{ now.says }}</b> <span>{{ left(permit) }}</span>
      </p>
      <p v-if="permit.suspension && !hasEnded(phase)" class="said is-stop" role="alert">
        <b>{{ phase === 'suspended' ? says.stopped : says.itWasStopped }}: {{ fireWords.causes[permit.suspension.cause] }}.</b> {{ permit.suspension.note ?? '' }}
        {{ time(permit.suspension.at) }}, {{ permit.suspension.by === 'clock' ? says.theClock : nameOf(permit.suspension.by) }}.
      </p>
      <p v-for="text in said" :key="text" class="said" :class="{ 'is-stop': isRefused }" role="alert">
        {{ text }}
      </p>

      <HotworkWatch
        v-if="onPost"
        :permit="permit"
        :person-id="me"
        :unsent="waiting.length"
        :busy="busy"
        @round="act('permit.round', { watcherId: me })"
        @stop="stop"
        @help="act('permit.call-help', {})"
        @leave="act('permit.leave-post', {})"
        @relieve="relieve"
      />

      <template v-if="phase === 'requested' || phase === 'precautions'">
        <HotworkPrecautions :permit="permit" :may-do="mayWork" :busy="busy" @seen-to="seenTo" />
        <HotworkGas
          v-if="isAirTested(permit) || permit.gas !== null || askAir"
          :permit="permit"
          :may-do="mayWork"
          :busy="busy"
          @read="act('permit.read-gas', $event)"
        />
        <FrameKey v-else-if="mayWork" @click="askAir = true">
          {{ says.theAirWasTestedAll }}
        </FrameKey>
        <HotworkResume
          v-if="isStopOpen"
          :title="says.nothingIsAuthorisedOverA"
          :does="says.signItIsPutRight"
          :busy="busy"
          @resume="resume"
        />
        <HotworkAuthorise :reading="reading" :busy="busy" @sign="authorise" @refuse="act('permit.refuse', { reason: $event }, version())" />
      </template>

      <HotworkAtWork
        v-else-if="phase === 'authorised' || phase === 'working' || phase === 'suspended'"
        :permit="permit"
        :on-post="onPost"
        :may-work="mayWork"
        :may-take-post="mayTakePost"
        :busy="busy"
        @take-post="act('permit.take-post', {})"
        @begin="act('permit.start-work', {}, version())"
        @read="act('permit.read-gas', $event)"
        @resume="resume"
        @stop="stop"
        @end="act('permit.end-work', {})"
      />

      <template v-else-if="phase === 'watch'">
        <p class="said" :class="{ 'is-open': now?.tone === 'open' }">
          {{ says.noArcHereMinWith(permit.plan.afterMin, permit.plan.gapMin) }}
        </p>
        <FrameKey v-if="mayTakePost" look="go" big :disabled="busy" @click="act('permit.take-post', {})">
          {{ says.iAmOnPost }}
        </FrameKey>
      </template>

      <HotworkMonitoring
        v-else-if="phase === 'monitoring'"
        :permit="permit"
        :may-look="mayHere('work-permit', 'permit.round')"
        :busy="busy"
        @look="act('permit.round', { watcherId: me })"
        @smoke="stop('fire-or-smoke')"
        @restore="act('permit.restore', { precaution: $event })"
        @close="(payload, signature) => sign('permit.close', payload, signature, version())"
      />
      <p v-else-if="permit.closing && permit.closing.missedLooks > 0" class="said is-stop">
        {{ says.closedByWithMissed(
          nameOf(permit.closing.by),
          permit.closing.missedLooks === 1 ? says.oneLook : says.looks(permit.closing.missedLooks),
          permit.closing.reason ?? '',
        ) }}
      </p>
      <p v-else-if="permit.endReason" class="said">
        {{ permit.endReason }}
      </p>

      <HotworkFacts :permit="permit" :near="reading.near" />
      <div v-if="!STOP_SHOWN.includes(phase)" class="keys">
        <FrameKey look="stop" @click="stop('fire-or-smoke')">
          {{ says.smokeSmellOrHeatHere }}
        </FrameKey>
      </div>
      <div class="keys">
        <a
          v-if="permit.authorisedBy && mayWork"
          class="key link"
          :href="`/api/v1/permits/${permitId}/paper?language=${language}`"
          target="_blank"
          rel="noopener"
        >{{ says.paperToPrint }}</a>
        <FrameKey
          v-if="!hasEnded(phase) && phase !== 'watch' && phase !== 'monitoring' && permit.authorisedBy"
          :aria-expanded="more"
          @click="more = !more"
        >
          {{ says.longerOtherHandsTakeBack }}
        </FrameKey>
        <FrameKey v-if="phase !== 'working'" @click="act('permit.report-arc', { place: permit.request.place })">
          {{ says.anArcWasStruckHere }}
        </FrameKey>
      </div>
      <HotworkMore
        v-if="more"
        :permit="permit"
        :busy="busy"
        @extend="(untilAt, signature) => sign('permit.extend', { untilAt }, signature, version())"
        @take-over="sign('permit.take-over', {}, $event)"
        @revoke="act('permit.revoke', { reason: says.takenBack }, version())"
      />
      <LogLife :life="reading.life" :notices="reading.notices" />
    </template>
  </article>
</template>

<style scoped>
.permit { display: grid; gap: var(--space-5); }
header { display: flex; align-items: start; gap: var(--space-6); }
h2 { font-size: var(--type-big); }
h2 small { display: block; font-size: var(--type-body); font-weight: 600; color: var(--soft); letter-spacing: 0.02em; }
.link { display: inline-grid; place-items: center; }
header .link { margin-left: auto; }
.line { max-width: 100%; height: auto; }
.turn { font-size: var(--type-lead); font-weight: 600; }
.turn b { font-size: var(--type-figure); font-weight: 900; display: block; line-height: 1.1; }
.said { background: var(--bg); }
.big { min-height: 72px; font-size: var(--type-head); width: 100%; }
</style>
