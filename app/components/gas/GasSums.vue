<template>
  <div class="sums">
    <GasShoulder />
    <GasLeft />
    <GasDraw />
  </div>
</template>

<style scoped>
.sums { display: grid; gap: 30px; }
</style>
