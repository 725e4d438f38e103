<script setup lang="ts">
definePageMeta({ scrollToTop: false })

const lookup = useLookup()
const route = useRoute()
const placed = computed(() => lookup.find(String(route.params.bayId)))
</script>

<template>
  <AirBay v-if="placed" :key="placed.bay.bayId" :placed="placed" />
  <p v-else>
    There is no such bay. <NuxtLink to="/air">
      Back to Air
    </NuxtLink>
  </p>
</template>
