<script setup lang="ts">
import { AUTHORISING_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { RADIUS_RULES } from '#core/hotwork/radius-rules'
import { WATCH_SCHOOLS } from '#core/hotwork/watch-plan'
import type { WatchSchoolId } from '#core/hotwork/watch-plan'
import { RULE_WORDS } from '~/areas/rules/rule-words'
import type { ShopUnit } from '~/frame/useShopUnits'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.rules

/** House rules of hot work: the circle, the watch by school or by number, gas, who may authorise, whom to call. */
const { entry } = defineProps<{ entry: HouseRules }>()
const emit = defineEmits<{ change: [rules: Partial<HouseRules>] }>()
const same = (value: number): number => value
const unit = (name: string): ShopUnit => ({ unit: name, step: 1, toShown: same, fromShown: same })
const NUMBERS = [
  { key: 'watchAfterMin', unit: 'min' },
  { key: 'monitoringMin', unit: 'min' },
  { key: 'roundEveryMin', unit: 'min' },
  { key: 'visitEveryMin', unit: 'min' },
  { key: 'coverGapMin', unit: 'min' },
  { key: 'gasRetestMin', unit: 'min' },
  { key: 'lelLimitPercent', unit: says.ofTheLowerLimit },
  { key: 'oxygenMaxPercent', unit: '%' },
  { key: 'longestPermitHours', unit: 'h' },
] as const satisfies readonly { key: keyof HouseRules, unit: string }[]
const CALLS = ['emergencyNumber', 'firePointNumber', 'firstAidNumber', 'gasSupplierNumber'] as const
const SCHOOLS: Readonly<Record<WatchSchoolId, string>> = {
  'us-30': says.usLaw30Min,
  'consensus-60': says.usConsensus60Min,
  'insurer-60-180': says.insurers60MinAnd3,
  'uk-60-60': says.uk60MinAnd60,
  'canada-60-240': says.canada60MinAndA,
  'france-120': says.france2H,
}
const schoolIds = Object.keys(SCHOOLS) as WatchSchoolId[]
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
  <RuleChoice
    rule="radiusRule"
    :entry="entry"
    :choices="RADIUS_RULES"
    :hint="says.theComputedReachOfSparks"
    @change="emit('change', $event)"
  />
  <h2>{{ says.fireWatch }}</h2>
  <p class="soft">
    {{ says.schoolsDifferRecalledFromMemory }}
  </p>
  <FrameChoice
    is-heard
    :label="says.fireWatch"
    :ids="schoolIds"
    :named="id => SCHOOLS[id]"
    :model-value="schoolIds.find(isSchool) ?? ''"
    @update:model-value="$event !== '' && choose($event)"
  />
  <div class="columns">
    <FrameNumber
      v-for="{ key, unit: name } in NUMBERS"
      :key="key"
      :label="RULE_WORDS[key][0]()"
      :unit="unit(name)"
      :limits="HOUSE_RULE_LIMITS[key]"
      :model-value="entry[key]"
      @update:model-value="setNumber(key, $event)"
    />
  </div>
  <RuleChoice
    rule="authorisingRule"
    :entry="entry"
    :choices="AUTHORISING_RULES"
    :hint="says.neverWorkOfTheirOwn"
    @change="emit('change', $event)"
  />
  <h2>{{ says.whomToCall }}</h2>
  <div class="columns">
    <FrameField v-for="key in CALLS" :key="key" v-slot="{ id }" :label="RULE_WORDS[key][0]()">
      <UInput
        :id="id"
        maxlength="40"
        :model-value="entry[key]"
        @change="emit('change', { [key]: ($event.target as HTMLInputElement).value.trim() })"
      />
    </FrameField>
  </div>
</template>
