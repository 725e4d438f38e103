<script setup lang="ts">
import { AUTHORISING_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { RADIUS_RULES } from '#core/hotwork/radius-rules'
import { WATCH_SCHOOLS } from '#core/hotwork/watch-plan'
import type { WatchSchoolId } from '#core/hotwork/watch-plan'
import { hotworkWords } from '#shared/words/en/hotwork-words'
import type { ShopUnit } from '~/frame/useShopUnits'

/** House rules of hot work: the circle, the watch by school or by number, gas, who may authorise, whom to call. */
const { entry } = defineProps<{ entry: HouseRules }>()
const emit = defineEmits<{ change: [rules: Partial<HouseRules>] }>()
const same = (value: number): number => value
const unit = (name: string): ShopUnit => ({ unit: name, step: 1, toShown: same, fromShown: same })
const NUMBERS = [
  { key: 'watchAfterMin', label: 'Watch after the last arc', unit: 'min' },
  { key: 'monitoringMin', label: 'Monitoring after that', unit: 'min' },
  { key: 'roundEveryMin', label: 'Between rounds', unit: 'min' },
  { key: 'visitEveryMin', label: 'Between looks while monitoring', unit: 'min' },
  { key: 'coverGapMin', label: 'Gap that begins the watch again', unit: 'min' },
  { key: 'gasRetestMin', label: 'Air tested again after', unit: 'min' },
  { key: 'lelLimitPercent', label: 'Flammable gas allowed', unit: '% of the lower limit' },
  { key: 'oxygenMaxPercent', label: 'Oxygen at most', unit: '%' },
  { key: 'longestPermitHours', label: 'Longest permit', unit: 'h' },
] as const satisfies readonly { key: keyof HouseRules, label: string, unit: string }[]
const CALLS = [
  { key: 'emergencyNumber', label: 'Emergency' },
  { key: 'firePointNumber', label: 'Fire point' },
  { key: 'firstAidNumber', label: 'First aid' },
  { key: 'gasSupplierNumber', label: 'Gas supplier' },
] as const
const SCHOOLS: Readonly<Record<WatchSchoolId, string>> = {
  'us-30': 'US law: 30 min',
  'consensus-60': 'US consensus: 60 min',
  'insurer-60-180': 'Insurers: 60 min and 3 h',
  'uk-60-60': 'UK: 60 min and 60',
  'canada-60-240': 'Canada: 60 min and a look after 4 h',
  'france-120': 'France: 2 h',
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
  <h2>Hot work: circle to keep clear</h2>
  <p class="soft">
    The computed reach of sparks may only make it larger.
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
  <h2>Fire watch</h2>
  <p class="soft">
    Schools differ; recalled from memory, check your edition. Never less than 30 min.
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
  <h2>Who may authorise</h2>
  <p class="soft">
    Never work of their own.
  </p>
  <div class="keys">
    <FrameKey
      v-for="id in AUTHORISING_RULES"
      :key="id"
      :picked="entry.authorisingRule === id"
      @click="emit('change', { authorisingRule: id })"
    >
      {{ id === 'lead-only' ? 'the safety lead alone' : 'the safety lead and permit authorisers' }}
    </FrameKey>
  </div>
  <h2>Whom to call</h2>
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
