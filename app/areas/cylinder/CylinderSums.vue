<script setup lang="ts">
import { gasPages } from '~/words/gas'

const says = gasPages.sums

/** The sums of gas: a shoulder read, what is left, how many cylinders a flow takes. */
const SUMS = ['shoulder', 'left', 'draw'] as const
</script>

<template>
  <FrameTabs :label="says.gasSums" :ids="SUMS" :named="id => says.tabs[id]">
    <template #shoulder>
      <CylinderShoulder />
    </template>
    <template #left>
      <CylinderLeft />
    </template>
    <template #draw>
      <CylinderDraw />
    </template>
  </FrameTabs>
</template>
