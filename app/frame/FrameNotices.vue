<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.notices

const facts = useFacts()
const lookup = useLookup()
const outbox = useOutbox()
const { others, uncovered, trouble, unseen } = useNotices()
const { time } = useDates()
const root = useTemplateRef('root')
const { isOpen, toggle, close } = useSheet(root)
const own = computed(() => Number(facts.isQuiet) + Number(others.value > 0) + Number(outbox.diskFails) + outbox.refusedLater.length)
const count = computed(() => uncovered.value.length + trouble.value.length + unseen.value.length + own.value)
/** The most pressing of them, in the line itself; how pressing it is. */
const first = computed<{ readonly says: string, readonly tone: 'stop' | 'hold' | 'to-do' }>(() => {
  const [alone] = uncovered.value
  if (alone) return { says: says.nobodyWatchesAt(alone.where), tone: 'stop' }
  if (facts.isQuiet)
    return { says: facts.quietSince === null ? says.theShopIsNotHeard : says.notHeardSince(time(facts.quietSince)), tone: 'stop' }
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
    <LazyFrameNoticeList v-if="isOpen" />
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
@media (max-width: 900px) {
  .notices { position: static; }
}
</style>
