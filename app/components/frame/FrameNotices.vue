<script setup lang="ts">
import { noticeStream } from '#core/command/commands'

const floor = useFloor()
const outbox = useOutbox()
const session = useSession()
const others = computed(() => outbox.waiting.filter(({ authorId }) => authorId !== session.person?.personId).length)
const mine = computed(() => outbox.waiting.length - others.value)
/** What this person was told and has not seen: the newest few; the rest comes up as these go. */
const unseen = computed(() => floor.reading?.unseen.filter(({ noticeId }) => !outbox.waiting.some(({ type, streams }) => type === 'notice.see' && streams[0]?.id === noticeStream(noticeId))) ?? [])
const see = (noticeId: string) => outbox.send('notice.see', [{ id: noticeStream(noticeId), expectedVersion: null }], {})
const pageOf = (about: string) => about.startsWith('cylinder/') ? `/gas/${about.slice(9)}` : about.startsWith('permit/') ? `/hot-work/${about.slice(7)}` : `/kit/${about.slice(5)}`
const silentTooLong = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
watch(() => floor.hearing, (hearing) => {
  clearTimeout(timer)
  if (hearing === 'silent') timer = setTimeout(() => { silentTooLong.value = true }, 4000)
  else silentTooLong.value = false
})
</script>

<template>
  <div v-if="unseen.length > 0" class="notice told" role="status" aria-label="What you were told">
    <p v-for="{ noticeId, what, about } in unseen.slice(0, 2)" :key="noticeId" class="late" :class="`is-${what.severity}`">
      <span><b>{{ floor.say(what).message }}</b> {{ floor.say(what).todo }}</span>
      <NuxtLink class="key link" :to="pageOf(about)" prefetch-on="interaction">
        Open<span class="visually-hidden"> {{ about.split('/')[1] }}</span>
      </NuxtLink>
      <button class="key" type="button" @click="see(noticeId)">
        Seen
      </button>
    </p>
    <p v-if="unseen.length > 2" class="soft">
      And {{ unseen.length - 2 }} more.
    </p>
  </div>
  <div v-if="silentTooLong || others > 0 || outbox.refusedLater.length > 0" class="notice" role="status">
    <p v-if="silentTooLong">
      No connection: the board answers from what it last heard.
      <template v-if="mine > 0">
        {{ mine === 1 ? 'One thing you did is' : `${mine} things you did are` }} kept here and will be sent.
      </template>
    </p>
    <p v-for="{ id, said } in outbox.refusedLater" :key="id" class="late">
      Something you did earlier was refused: {{ said }}
      <button class="key" type="button" @click="outbox.dismiss(id)">
        Seen
      </button>
    </p>
    <p v-if="others > 0">
      {{ others === 1 ? 'One thing' : `${others} things` }} somebody else did on this device {{ others === 1 ? 'waits' : 'wait' }} until they sign in again.
    </p>
  </div>
</template>

<style scoped>
.notice { padding: 8px 20px; background: var(--panel); border-bottom: 3px solid var(--hold); font-weight: 650; }
.late { display: flex; align-items: center; gap: 10px; padding: 2px 0; }
.late span { flex: 1; }
.late .link { display: grid; place-items: center; }
.told p.is-stop b { color: var(--stop); }
@media (max-width: 900px) { .notice { order: -1; } }
</style>
