<script setup lang="ts">
const session = useSession()
const floor = useFloor()
const outbox = useOutbox()

onMounted(async () => {
  await outbox.load()
  await floor.open()
  warmUpLater()
})
onUnmounted(() => floor.close())
watch(() => session.person, (person) => {
  if (person === null) void navigateTo('/sign-in')
})
</script>

<template>
  <div class="frame">
    <FrameHeader />
    <FrameUnheard />
    <FrameNotices />
    <!-- Nothing is shown, or can be touched, from rules and versions that were not read yet. -->
    <slot v-if="floor.reading" />
    <p v-else class="wait soft" role="status">
      Reading the shop ...
    </p>
  </div>
</template>

<style scoped>
.wait { padding: 24px 20px; }
.frame { min-height: 100dvh; display: flex; flex-direction: column; }
</style>
