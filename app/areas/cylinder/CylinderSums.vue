<template>
  <div class="sums">
    <CylinderShoulder />
    <CylinderLeft />
    <CylinderDraw />
  </div>
</template>

<style scoped>
.sums { display: grid; gap: var(--space-10); }
</style>
