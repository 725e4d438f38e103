<script setup lang="ts">
import { storeSentences } from '#shared/messages/en/store-findings'
import { learnSentences } from '#shared/messages/speak'

learnSentences(storeSentences)
</script>

<template>
  <main class="page gas">
    <h1>Gas</h1>
    <p class="lead">
      What a cylinder says of itself, how much is left in it, and how fast it may be drawn. Nothing here is recorded; local codes and the supplier decide.
    </p>
    <div class="parts">
      <GasShoulder class="shoulder" />
      <GasLeft />
      <GasDraw />
    </div>
  </main>
</template>

<style scoped>
.parts { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr); gap: 28px 32px; align-items: start; }
.shoulder { grid-row: span 2; }
@media (max-width: 900px) {
  .parts { grid-template-columns: minmax(0, 1fr); }
}
</style>
