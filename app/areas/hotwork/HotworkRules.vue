<script setup lang="ts">
import { AUTHORISING_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { RADIUS_RULES } from '#core/hotwork/radius-rules'
import { WATCH_SCHOOLS } from '#core/hotwork/watch-plan'
import type { WatchSchoolId } from '#core/hotwork/watch-plan'
import { hotworkWords } from '~/words/hotwork-words'
import type { ShopUnit } from '~/frame/useShopUnits'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.rules

/** House rules of hot work: the circle, the watch by school or by number, gas, who may authorise, whom to call. */
const { entry } = defineProps<{ entry: HouseRules }>()
const emit = defineEmits<{ change: [rules: Partial<HouseRules>] }>()
const same = (value: number): number => value
const unit = (name: string): ShopUnit => ({ unit: name, step: 1, toShown: same, fromShown: same })
const NUMBERS = [
  { key: 'watchAfterMin', label: says.watchAfterTheLastArc, unit: 'min' },
  { key: 'monitoringMin', label: says.monitoringAfterThat, unit: 'min' },
  { key: 'roundEveryMin', label: says.betweenRounds, unit: 'min' },
  { key: 'visitEveryMin', label: says.betweenLooksWhileMonitoring, unit: 'min' },
  { key: 'coverGapMin', label: says.gapThatBeginsTheWatch, unit: 'min' },
  { key: 'gasRetestMin', label: says.airTestedAgainAfter, unit: 'min' },
  { key: 'lelLimitPercent', label: says.flammableGasAllowed, unit: says.ofTheLowerLimit },
  { key: 'oxygenMaxPercent', label: says.oxygenAtMost, unit: '%' },
  { key: 'longestPermitHours', label: says.longestPermit, unit: 'h' },
] as const satisfies readonly { key: keyof HouseRules, label: string, unit: string }[]
const CALLS = [
  { key: 'emergencyNumber', label: says.emergency },
  { key: 'firePointNumber', label: says.firePoint },
  { key: 'firstAidNumber', label: says.firstAid },
  { key: 'gasSupplierNumber', label: says.gasSupplier },
] as const
const SCHOOLS: Readonly<Record<WatchSchoolId, string>> = {
  'us-30': says.usLaw30Min,
  'consensus-60': says.usConsensus60Min,
  'insurer-60-180': says.insurers60MinAnd3,
  'uk-60-60': says.uk60MinAnd60,
  'canada-60-240': says.canada60MinAndA,
  'france-120': says.france2H,
}
const isSchool = (id: WatchSchoolId) =>
  WATCH_SCHOOLS[id].afterMin === entry.watchAfterMin && WATCH_SCHOOLS[id].monitoringMin === entry.monitoringMin
const choose = (id: WatchSchoolId) =>
  emit('change', {
    watchAfterMin: WATCH_SCHOOLS[id].afterMin,
    monitoringMin: WATCH_SCHOOLS[id].monitoringMin,
    ...(id === 'canada-60-240' ? { visitEveryMin: 240 } : {}),
  })
const setNumber = (key: keyof HouseRules, value: number | undefined) => {
  if (value !== undefined) emit('change', { [key]: value })
}
</script>

<template>
  <h2>{{ says.hotWorkCircleToKeep }}</h2>
  <p class="soft">
    {{ says.theComputedReachOfSparks }}
  </p>
  <div class="keys">
    <FrameKey
      v-for="id in RADIUS_RULES"
      :key="id"
      :picked="entry.radiusRule === id"
      @click="emit('change', { radiusRule: id })"
    >
      {{ hotworkWords.radiusRules[id] }}
    </FrameKey>
  </div>
  <h2>{{ says.fireWatch }}</h2>
  <p class="soft">
    {{ says.schoolsDifferRecalledFromMemory }}
  </p>
  <div class="keys">
    <FrameKey
      v-for="(name, id) in SCHOOLS"
      :key="id"
      :picked="isSchool(id)"
      @click="choose(id)"
    >
      {{ name }}
    </FrameKey>
  </div>
  <div class="columns">
    <FrameNumber
      v-for="{ key, label, unit: name } in NUMBERS"
      :key="key"
      :label="label"
      :unit="unit(name)"
      :limits="HOUSE_RULE_LIMITS[key]"
      :model-value="entry[key]"
      @update:model-value="setNumber(key, $event)"
    />
  </div>
  <h2>{{ says.whoMayAuthorise }}</h2>
  <p class="soft">
    {{ says.neverWorkOfTheirOwn }}
  </p>
  <div class="keys">
    <FrameKey
      v-for="id in AUTHORISING_RULES"
      :key="id"
      :picked="entry.authorisingRule === id"
      @click="emit('change', { authorisingRule: id })"
    >
      {{ id === 'lead-only' ? says.theSafetyLeadAlone : says.theSafetyLeadAndPermit }}
    </FrameKey>
  </div>
  <h2>{{ says.whomToCall }}</h2>
  <div class="columns">
    <FrameField v-for="{ key, label } in CALLS" :key="key" v-slot="{ id }" :label="label">
      <UInput
        :id="id"
        maxlength="40"
        :model-value="entry[key]"
        @change="emit('change', { [key]: ($event.target as HTMLInputElement).value.trim() })"
      />
    </FrameField>
  </div>
</template>
