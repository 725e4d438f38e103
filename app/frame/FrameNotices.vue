<script setup lang="ts">
import { UNHEARD_AFTER_MS } from '#shared/hearing'
import { noticeStream } from '#core/ids/streams'
import { shownTag } from '#core/ids/tag'
import { framePages } from '~/words/frame'

const says = framePages.notices

const facts = useFacts()
const lookup = useLookup()
const outbox = useOutbox()
const { send } = useSender()
const session = useSession()
const ordinary = computed(() => outbox.waiting.length - outbox.urgent.length)
const others = computed(
  () => outbox.waiting.filter(one => one.authorId !== session.person?.personId && !outbox.urgent.includes(one)).length,
)
const mine = computed(() => ordinary.value - others.value)
/** What this person was told and has not seen: the newest few; the rest comes up as these go. */
const unseen = computed(
  () =>
    facts.reading?.unseen.filter(
      ({ noticeId, what, about }) =>
        !outbox.waiting.some(({ type, streams }) => type === 'notice.see' && streams[0]?.id === noticeStream(noticeId))
        && !(what.code === 'permit.cover-missing' && uncovered.value.some(({ permitId }) => about === `permit/${permitId}`)),
    ) ?? [],
)
/** Said to everybody on every screen, whoever was named; the notice to those named comes besides. */
const uncovered = computed(() => facts.reading?.uncovered ?? [])
const trouble = computed(() => facts.reading?.trouble ?? [])
const CLOCKS: Readonly<Record<string, string>> = {
  'checks-lapse': says.todaysChecksLapse,
  'settled': says.aCylinderHasStoodLong,
  'seal-day': says.theDayBeforeIsSealed,
  'anchor': says.aSealIsKeptOutside,
  'round-due': says.aRoundIsDue,
  'round-overdue': says.aRoundWasMissed,
  'cover-missing': says.nobodyWatches2,
  'gas-retest': says.theAirIsTestedAgain,
  'lapses': says.aPermitEnds,
  'watch-over': says.aWatchIsOver,
  'visit-missed': says.aLookWasMissed,
  'monitoring-over': says.monitoringIsOver,
}
const see = (noticeId: string) => send('notice.see', noticeStream(noticeId), {})
/** Many of one shift are seen in one go: all that are listed, and none that came meanwhile. */
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
const { time } = useDates()
/** Until when what stood open still counts; past it nothing reads clear. */
const countsUntil = computed(() => facts.quietSince === null ? '' : new Date(Date.parse(facts.quietSince) + UNHEARD_AFTER_MS).toISOString())
const isPast = computed(() => facts.quietSince !== null && Date.parse(countsUntil.value) <= useClock().nowMs.value)

const root = useTemplateRef('root')
const { isOpen, toggle, close } = useSheet(root)
const own = computed(() => Number(facts.isQuiet) + Number(others.value > 0) + Number(outbox.diskFails) + outbox.refusedLater.length)
const count = computed(() => uncovered.value.length + trouble.value.length + unseen.value.length + own.value)
/** The most pressing of them, in the line itself; how pressing it is. */
const first = computed<{ readonly says: string, readonly tone: 'stop' | 'hold' | 'to-do' }>(() => {
  const [alone] = uncovered.value
  if (alone) return { says: says.nobodyWatches3(alone.where), tone: 'stop' }
  if (facts.isQuiet)
    return { says: facts.quietSince === null ? says.theShopIsNotHeard2 : says.notHeardSince2(time(facts.quietSince)), tone: 'stop' }
  if (outbox.diskFails) return { says: says.thisDeviceKeepsNothing, tone: 'stop' }
  if (outbox.refusedLater.length > 0) return { says: says.refused, tone: 'hold' }
  if (trouble.value.length > 0) return { says: says.aClockStandsStill, tone: 'hold' }
  // What stops something is said in its own words: a screen on the wall is read, and nobody presses it.
  const stops = unseen.value.find(({ what }) => what.severity === 'stop')
  if (stops) return { says: lookup.say(stops.what).message, tone: 'stop' }
  return { says: unseen.value.length > 0 ? says.toSee : says.waits, tone: 'hold' }
})
/** What was read and done closes the list with its last row. */
watch(count, (left) => {
  if (left === 0) close()
})
</script>

<template>
  <div v-if="count > 0" ref="root" class="notices" @keydown.escape="close">
    <!-- Heard as soon as it is so, whether or not the list is open. -->
    <p v-if="uncovered.length > 0" class="visually-hidden" role="alert" :aria-label="says.nobodyWatches">
      {{ uncovered.map(({ where, sinceAt }) => says.nobodyWatchesSinceWhoeverIs(where, time(sinceAt))).join(' ') }}
    </p>
    <FrameKey look="bare" class="told-key" :aria-expanded="isOpen" @click="toggle">
      <b class="print" :class="`state-${first.tone}`">{{ count }}</b> <span aria-live="polite">{{ first.says }}</span>
    </FrameKey>
    <div v-if="isOpen" class="told-list">
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
      <div v-if="unseen.length > 0" class="notice told" role="status" :aria-label="says.whatYouWereTold">
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
  </div>
</template>

<style scoped>
.notices { position: relative; flex: 0 1 auto; min-width: 0; max-width: 46%; }
.told-key {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  max-width: 100%;
  min-height: 56px;
  padding: 0 var(--space-4);
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  line-height: 1.15;
  text-align: left;
  cursor: pointer;
}
.told-key b { font-size: var(--type-big); font-weight: 900; }
/* Three lines: what nobody may overlook is not cut on a phone, nor beside the longer words of Spanish. */
.told-key span {
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow: hidden;
  text-decoration: underline;
  text-underline-offset: 4px;
}
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
  .notices { position: static; }
  .late { flex-wrap: wrap; }
  .late span { flex: 1 1 100%; }
  .told-list { top: auto; left: 12px; right: 12px; width: auto; margin-top: var(--space-2); }
}
</style>
