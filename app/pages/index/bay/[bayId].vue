<script setup lang="ts">
// The board keeps its place while bays are opened beside it.
definePageMeta({ scrollToTop: false })

const lookup = useLookup()
const route = useRoute()
const placed = computed(() => lookup.find(String(route.params.bayId)))
</script>

<template>
  <StationSheet v-if="placed" :key="placed.bay.bayId" :placed="placed" />
  <p v-else>
    There is no such bay. <NuxtLink to="/">
      Back to the floor
    </NuxtLink>
  </p>
</template>
