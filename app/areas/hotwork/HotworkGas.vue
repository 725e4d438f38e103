<script setup lang="ts">
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { gasRetestAt } from '#core/streams/permit/permit-deadlines'
import type { Permit, PermitCommands } from '#core/streams/permit/permit'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.gas

/** The air: oxygen first, then flammable gas; in limits or not, and when it is tested again. */
const { permit, mayDo, busy } = defineProps<{ permit: ShownPermit, mayDo: boolean, busy: boolean }>()
const emit = defineEmits<{ read: [reading: PermitCommands['permit.read-gas']] }>()
const { time, until } = useDates()
const oxygen = ref('')
const lel = ref('')
const instrument = ref('')
const point = ref('')
const numberOf = (text: string): number => text.trim() === '' ? Number.NaN : Number(text.replace(',', '.'))
const lacksPercent = (text: string): string => numberOf(text) >= 0 && numberOf(text) <= 100 ? '' : says.aNumberFrom0To100
const retestAt = computed(() => gasRetestAt({ ...permit, token: '' } as Permit))
function read() {
  emit('read', {
    oxygenPercent: numberOf(oxygen.value),
    lelPercent: numberOf(lel.value),
    instrument: instrument.value.trim(),
    point: point.value.trim(),
  })
  oxygen.value = ''
  lel.value = ''
}
</script>

<template>
  <section :aria-label="says.air">
    <h3>{{ says.air }}</h3>
    <p v-if="permit.gas" class="last" :class="permit.gas.isWithin ? 'state-open' : 'state-stop'">
      <b class="print">{{ says.oxygenOfTheLowerExplosive(permit.gas.oxygenPercent, permit.gas.lelPercent) }}</b>
      <span
        class="soft"
      >{{ permit.gas.point }}, {{ permit.gas.instrument }}, {{ time(permit.gas.at) }}{{ retestAt ? (until(retestAt) ? says.againIn(until(retestAt)!) : says.dueAgainNow) : '' }}</span>
    </p>
    <p v-else class="state-hold">
      <b>{{ says.notTested }}</b>
    </p>
    <FrameForm v-if="mayDo" class="columns" :busy="busy" @send="read">
      <FrameText v-model="oxygen" :label="says.oxygen" :lacks="lacksPercent(oxygen)" inputmode="decimal" />
      <FrameText v-model="lel" :label="says.flammableOfTheLimit" :lacks="lacksPercent(lel)" inputmode="decimal" />
      <FrameText v-model="instrument" :label="says.instrument" maxlength="40" is-needed />
      <FrameText v-model="point" :label="says.where" maxlength="80" :placeholder="says.lowMiddleHigh" is-needed />
      <FrameKey type="submit" :disabled="busy">
        {{ says.recordTheReading }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.last span { display: block; font-size: var(--type-small); }
.last b { font-size: var(--type-lead); }
</style>
