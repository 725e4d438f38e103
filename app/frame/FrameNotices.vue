<script setup lang="ts">
import { UNHEARD_AFTER_MS } from '#shared/hearing'
import { noticeStream } from '#core/ids/streams'
import { shownTag } from '#core/ids/tag'

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
  'checks-lapse': 'today\'s checks lapse',
  'settled': 'a cylinder has stood long enough',
  'seal-day': 'the day before is sealed',
  'anchor': 'a seal is kept outside',
  'round-due': 'a round is due',
  'round-overdue': 'a round was missed',
  'cover-missing': 'nobody watches',
  'gas-retest': 'the air is tested again',
  'lapses': 'a permit ends',
  'watch-over': 'a watch is over',
  'visit-missed': 'a look was missed',
  'monitoring-over': 'monitoring is over',
}
const see = (noticeId: string) => send('notice.see', noticeStream(noticeId), {})
const linkTo = (about: string): string => {
  if (about.startsWith('permit/')) return 'Open the permit'
  return about.startsWith('person/') ? 'My sign-in' : `Open ${shownTag(about.slice(about.indexOf('/') + 1))}`
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
  if (alone) return { says: `Nobody watches ${alone.where}`, tone: 'stop' }
  if (facts.isQuiet)
    return { says: facts.quietSince === null ? 'The shop is not heard' : `Not heard since ${time(facts.quietSince)}`, tone: 'stop' }
  if (outbox.diskFails) return { says: 'This device keeps nothing', tone: 'stop' }
  if (outbox.refusedLater.length > 0) return { says: 'Refused', tone: 'hold' }
  if (trouble.value.length > 0) return { says: 'A clock stands still', tone: 'hold' }
  // What stops something is said in its own words: a screen on the wall is read, and nobody presses it.
  const stops = unseen.value.find(({ what }) => what.severity === 'stop')
  if (stops) return { says: lookup.say(stops.what).message, tone: 'stop' }
  return { says: unseen.value.length > 0 ? 'to see' : 'waits', tone: 'hold' }
})
/** What was read and done closes the list with its last row. */
watch(count, (left) => {
  if (left === 0) close()
})
</script>

<template>
  <div v-if="count > 0" ref="root" class="notices" @keydown.escape="close">
    <!-- Heard as soon as it is so, whether or not the list is open. -->
    <p v-if="uncovered.length > 0" class="visually-hidden" role="alert" aria-label="Nobody watches">
      {{ uncovered.map(({ where, sinceAt }) => `Nobody watches ${where} since ${time(sinceAt)}. Whoever is near goes there.`).join(' ') }}
    </p>
    <FrameKey look="bare" class="told-key" :aria-expanded="isOpen" @click="toggle">
      <b class="print" :class="`state-${first.tone}`">{{ count }}</b> <span aria-live="polite">{{ first.says }}</span>
    </FrameKey>
    <div v-if="isOpen" class="told-list">
      <div v-if="uncovered.length > 0" class="notice uncovered" role="group" aria-label="Nobody watches">
        <p v-for="{ permitId, where, sinceAt } in uncovered" :key="permitId" class="late">
          <span><b>Nobody watches {{ where }} since {{ time(sinceAt) }}.</b> Whoever is near goes there.</span>
          <NuxtLink class="key link" :to="`/hot-work/${permitId}`" prefetch-on="interaction">
            Take the post
          </NuxtLink>
        </p>
      </div>
      <div v-if="trouble.length > 0" class="notice" role="status" aria-label="Clocks that could not do their work">
        <p v-for="{ streamId, kind, dueAt, tries, because } in trouble" :key="streamId + kind" class="late">
          <span><b>A clock could not do its work: {{ CLOCKS[kind] ?? kind }}, due {{ time(dueAt) }}.</b> Tried {{ tries === 1 ? 'once' : `${tries} times` }}, and again by itself. <span class="soft">{{ streamId }}: {{ because }}</span></span>
        </p>
      </div>
      <div v-if="unseen.length > 0" class="notice told" role="status" aria-label="What you were told">
        <p v-for="{ noticeId, what, about } in unseen" :key="noticeId" class="late" :class="`is-${what.severity}`">
          <span><b>{{ lookup.say(what).message }}</b> {{ lookup.say(what).todo }}</span>
          <NuxtLink class="key link" :to="pageOf(about)" prefetch-on="interaction">
            {{ linkTo(about) }}
          </NuxtLink>
          <FrameKey @click="see(noticeId)">
            Seen
          </FrameKey>
        </p>
      </div>
      <div v-if="facts.isQuiet || others > 0 || outbox.refusedLater.length > 0 || outbox.diskFails" class="notice" role="status">
        <p v-if="facts.isQuiet && facts.quietSince === null">
          <b>The shop is not heard.</b> This page has read nothing yet, and tries again every few seconds. Stop works from here.
        </p>
        <p v-else-if="facts.quietSince !== null">
          <b>Not heard since {{ time(facts.quietSince) }}.</b>
          {{ isPast ? 'Nothing reads clear until the shop is heard again.' : `What stood open counts until ${time(countsUntil)}, then nothing reads clear.` }}
          <template v-if="mine > 0">
            {{ mine === 1 ? 'One thing you did is' : `${mine} things you did are` }} kept here and will be sent.
          </template>
          Stop, help and rounds are tried again every few seconds.
        </p>
        <p v-if="outbox.diskFails">
          This device keeps nothing: do not close this page before what you did is sent.
        </p>
        <p v-for="{ id, said } in outbox.refusedLater" :key="id" class="late">
          Something you did earlier was refused: {{ said }}
          <FrameKey @click="outbox.dismiss(id)">
            Seen
          </FrameKey>
        </p>
        <p v-if="others > 0">
          {{ others === 1 ? 'One thing' : `${others} things` }} somebody else did on this device {{ others === 1 ? 'waits' : 'wait' }} until
          they sign in again.
        </p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.notices { position: relative; flex: none; max-width: 46%; }
.told-key {
  display: flex;
  align-items: center;
  gap: 8px;
  max-width: 100%;
  min-height: 56px;
  padding: 0 8px;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  line-height: 1.15;
  text-align: left;
  cursor: pointer;
}
.told-key b { font-size: 22px; font-weight: 900; }
/* Two lines: what nobody may overlook is not cut on a phone. */
.told-key span {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  text-decoration: underline;
  text-underline-offset: 4px;
}
.told-list {
  position: absolute; top: calc(100% + 2px); right: 0; z-index: 40; width: min(640px, 94vw); max-height: min(70vh, 620px); overflow-y: auto;
  border: 3px solid var(--ink); background: var(--panel);
}
.notice { padding: 6px 16px; border-bottom: 2px solid var(--rule); font-weight: 650; }
.notice:last-child { border-bottom: 0; }
.late { display: flex; align-items: center; gap: 10px; padding: 4px 0; }
.late span { flex: 1; }
.late .link { display: grid; place-items: center; flex: none; }
.told p.is-stop b, .uncovered b { color: var(--stop); }
@media (max-width: 900px) {
  .notices { position: static; }
  .late { flex-wrap: wrap; }
  .late span { flex: 1 1 100%; }
  .told-list { top: auto; left: 12px; right: 12px; width: auto; margin-top: 4px; }
}
</style>
