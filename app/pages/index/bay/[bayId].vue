<script setup lang="ts">
import { floorPages } from '~/words/floor'

const says = floorPages.bayPage
// The board keeps its place while bays are opened beside it.
definePageMeta({ scrollToTop: false })

const lookup = useLookup()
const route = useRoute()
const placed = computed(() => lookup.find(String(route.params.bayId)))
</script>

<template>
  <StationSheet v-if="placed" :key="placed.bay.bayId" :placed="placed" />
  <p v-else>
    {{ says.thereIsNoSuchBay }} <NuxtLink to="/">
      {{ says.backToTheFloor }}
    </NuxtLink>
  </p>
</template>
