<script setup lang="ts">
import { airPages } from '~/words/air'

const says = airPages.bayPage
definePageMeta({ scrollToTop: false })

const lookup = useLookup()
const route = useRoute()
const placed = computed(() => lookup.find(String(route.params.bayId)))
</script>

<template>
  <AirBay v-if="placed" :key="placed.bay.bayId" :placed="placed" />
  <p v-else>
    {{ says.thereIsNoSuchBay }} <NuxtLink to="/air">
      {{ says.backToAir }}
    </NuxtLink>
  </p>
</template>
