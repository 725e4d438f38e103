<script setup lang="ts">
import { LAWS } from '#core/law/laws'
import type { JurisdictionId } from '#core/ids/vocabulary'
import type { UnitSystem } from '#core/units'
import { quantitiesIn } from '#shared/words/quantities'
import { beginPages } from '~/words/begin'

const says = beginPages.law

/** What follows from a law, before anybody has chosen it for good. */
const { jurisdiction, units } = defineProps<{ jurisdiction: JurisdictionId, units: UnitSystem }>()
const told = computed(() => {
  const { shade, exposure, hotWorkRadiusAtLeastM, indoorsNeedsHood } = LAWS[jurisdiction]
  return [
    says.shades[shade],
    says.exposure(words.exposureRuleSets[exposure]),
    hotWorkRadiusAtLeastM === null ? says.noRadius : says.radius(quantitiesIn(units).distance(hotWorkRadiusAtLeastM)),
    indoorsNeedsHood ? says.hood : says.noHood,
  ]
})
</script>

<template>
  <div class="follows" role="status">
    <h2>{{ says.follows }}</h2>
    <ul>
      <li v-for="line in told" :key="line">
        {{ line }}
      </li>
    </ul>
    <p class="soft">
      {{ says.canChange }}
    </p>
  </div>
</template>

<style scoped>
.follows { border: var(--line-rule) solid var(--rule); background: var(--panel); padding: var(--space-5) var(--space-6); }
.follows h2 { font-size: var(--type-lead); }
.follows li { padding: var(--space-2) 0; }
</style>
