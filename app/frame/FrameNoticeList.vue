<script setup lang="ts">
import { UNHEARD_AFTER_MS } from '#shared/hearing'
import { noticeStream } from '#core/ids/streams'
import { shownTag } from '#core/ids/tag'
import { noticesPages } from '~/words/notices'
import { vStill } from './still'

const says = noticesPages.list

/** All that somebody has to see, each with what is done about it. Fetched with the first tap, and ahead for when the signal is gone. */
const facts = useFacts()
const lookup = useLookup()
const outbox = useOutbox()
const { send } = useSender()
const { time } = useDates()
const { others, mine, uncovered, trouble, unseen } = useNotices()
const CLOCKS: Readonly<Record<string, string>> = {
  'checks-lapse': says.todaysChecksLapse,
  'settled': says.aCylinderHasStoodLong,
  'seal-day': says.theDayBeforeIsSealed,
  'anchor': says.aSealIsKeptOutside,
  'air-of-day': says.theAirOfADayIsKept,
  'round-due': says.aRoundIsDue,
  'round-overdue': says.aRoundWasMissed,
  'cover-missing': says.nobodyWatchesNow,
  'gas-retest': says.theAirIsTestedAgain,
  'lapses': says.aPermitEnds,
  'watch-over': says.aWatchIsOver,
  'visit-missed': says.aLookWasMissed,
  'monitoring-over': says.monitoringIsOver,
}
const see = (noticeId: string) => send('notice.see', noticeStream(noticeId), {})
/** Many of one shift are seen in one go: all that are listed, and none that came as the finger went down. */
const seeAll = () => Promise.all(unseen.value.map(({ noticeId }) => see(noticeId)))
const linkTo = (about: string): string => {
  if (about.startsWith('permit/')) return says.openThePermit
  return about.startsWith('person/') ? says.mySignIn : says.open(shownTag(about.slice(about.indexOf('/') + 1)))
}
const pageOf = (about: string) =>
  about.startsWith('cylinder/')
    ? `/gas/${about.slice(9)}`
    : about.startsWith('permit/')
      ? `/hot-work/${about.slice(7)}`
      : about.startsWith('person/')
        ? '/my-sign-in'
        : `/kit/${about.slice(5)}`
/** Until when what stood open still counts; past it nothing reads clear. */
const countsUntil = computed(() => facts.quietSince === null ? '' : new Date(Date.parse(facts.quietSince) + UNHEARD_AFTER_MS).toISOString())
const isPast = computed(() => facts.quietSince !== null && Date.parse(countsUntil.value) <= useClock().nowMs.value)
</script>

<template>
  <div class="told-list">
    <div v-if="uncovered.length > 0" class="notice uncovered" role="group" :aria-label="says.nobodyWatches">
      <p v-for="{ permitId, where, sinceAt } in uncovered" :key="permitId" class="late">
        <span><b>{{ says.nobodyWatchesSince(where, time(sinceAt)) }}</b> {{ says.whoeverIsNearGoesThere }}</span>
        <NuxtLink class="key link" :to="`/hot-work/${permitId}`" prefetch-on="interaction">
          {{ says.takeThePost }}
        </NuxtLink>
      </p>
    </div>
    <div v-if="trouble.length > 0" class="notice" role="status" :aria-label="says.clocksThatCouldNotDo">
      <p v-for="{ streamId, kind, dueAt, tries, because } in trouble" :key="streamId + kind" class="late">
        <span><b>{{ says.aClockCouldNotDo(CLOCKS[kind] ?? kind, time(dueAt)) }}</b> {{ says.triedAndAgainByItself(tries === 1 ? says.once : says.times(tries)) }} <span class="soft">{{ streamId }}: {{ because }}</span></span>
      </p>
    </div>
    <div
      v-if="unseen.length > 0"
      v-still="unseen.map(({ noticeId }) => noticeId).join()"
      class="notice told"
      role="status"
      :aria-label="says.whatYouWereTold"
    >
      <FrameKey v-if="unseen.length > 1" class="all-seen" @click="seeAll">
        {{ says.allSeen(unseen.length) }}
      </FrameKey>
      <p v-for="{ noticeId, what, about } in unseen" :key="noticeId" class="late" :class="`is-${what.severity}`">
        <span><b>{{ lookup.say(what).message }}</b> {{ lookup.say(what).todo }}</span>
        <NuxtLink class="key link" :to="pageOf(about)" prefetch-on="interaction">
          {{ linkTo(about) }}
        </NuxtLink>
        <FrameKey @click="see(noticeId)">
          {{ says.seen }}
        </FrameKey>
      </p>
    </div>
    <div v-if="facts.isQuiet || others > 0 || outbox.refusedLater.length > 0 || outbox.diskFails" class="notice" role="status">
      <p v-if="facts.isQuiet && facts.quietSince === null">
        <b>{{ says.theShopIsNotHeard }}</b> {{ says.thisPageHasReadNothing }}
      </p>
      <p v-else-if="facts.quietSince !== null">
        <b>{{ says.notHeardSince(time(facts.quietSince)) }}</b>
        {{ isPast ? says.nothingReadsClearUntilThe : says.whatStoodOpenCountsUntil(time(countsUntil)) }}
        <template v-if="mine > 0">
          {{ says.keptHereAndWillBe(mine === 1 ? says.oneThingYouDidIs : says.thingsYouDidAre(mine)) }}
        </template>
        {{ says.stopHelpAndRoundsAre }}
      </p>
      <p v-if="outbox.diskFails">
        {{ says.thisDeviceKeepsNothingDo }}
      </p>
      <p v-for="{ id, said } in outbox.refusedLater" :key="id" class="late">
        {{ says.somethingYouDidEarlierWas(said) }}
        <FrameKey @click="outbox.dismiss(id)">
          {{ says.seen }}
        </FrameKey>
      </p>
      <p v-if="others > 0">
        {{ says.somebodyElseDidOnThis(others === 1 ? says.oneThing : says.things(others), others === 1 ? says.waits : says.wait) }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.told-list {
  position: absolute; top: calc(100% + 2px); right: 0; z-index: 40; width: min(640px, 94vw); max-height: min(70vh, 620px); overflow-y: auto;
  border: var(--line-heavy) solid var(--ink); background: var(--panel);
}
.notice { padding: var(--space-3) var(--space-7); border-bottom: var(--line-rule) solid var(--rule); font-weight: 650; }
.notice:last-child { border-bottom: 0; }
.all-seen { display: block; margin: var(--space-2) 0 var(--space-2) auto; }
.late { display: flex; align-items: center; gap: var(--space-5); padding: var(--space-2) 0; }
.late span { flex: 1; }
.late .link { display: grid; place-items: center; flex: none; }
.told p.is-stop b, .uncovered b { color: var(--stop); }
@media (max-width: 900px) {
  .late { flex-wrap: wrap; }
  .late span { flex: 1 1 100%; }
  .told-list { top: auto; left: 12px; right: 12px; width: auto; margin-top: var(--space-2); }
}
</style>
