<script setup lang="ts">
const session = useSession()
const floor = useFloor()
const outbox = useOutbox()

onMounted(async () => {
  await outbox.load()
  await floor.open()
})
onUnmounted(() => floor.close())
watch(() => session.person, (person) => {
  if (person === null) void navigateTo('/sign-in')
})
</script>

<template>
  <div class="frame">
    <FrameHeader />
    <FrameNotices />
    <slot />
  </div>
</template>

<style scoped>
.frame { min-height: 100dvh; display: flex; flex-direction: column; }
</style>
