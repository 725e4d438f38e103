<script setup lang="ts">
definePageMeta({ scrollToTop: false })

const floor = useFloor()
const route = useRoute()
const placed = computed(() => floor.find(String(route.params.bayId)))
</script>

<template>
  <AirBay v-if="placed" :key="placed.bay.bayId" :placed="placed" />
  <p v-else>
    There is no such bay. <NuxtLink to="/air">
      Back to Air
    </NuxtLink>
  </p>
</template>
