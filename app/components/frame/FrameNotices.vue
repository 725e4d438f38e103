<script setup lang="ts">
const floor = useFloor()
const outbox = useOutbox()
const session = useSession()
const others = computed(() => outbox.waiting.filter(({ authorId }) => authorId !== session.person?.personId).length)
const mine = computed(() => outbox.waiting.length - others.value)
const silentTooLong = ref(false)
let timer: ReturnType<typeof setTimeout> | undefined
watch(() => floor.hearing, (hearing) => {
  clearTimeout(timer)
  if (hearing === 'silent') timer = setTimeout(() => { silentTooLong.value = true }, 4000)
  else silentTooLong.value = false
})
</script>

<template>
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
.late { display: flex; align-items: center; gap: 14px; }
@media (max-width: 900px) { .notice { order: -1; } }
</style>
