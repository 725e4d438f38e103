<script setup lang="ts">
import { hallStream } from '#core/ids/streams'
import type { Hall } from '#core/streams/site/site'
import type { DuctWallId } from '#core/ventilation/duct-friction'
import { DUCT_ROUGHNESS_MM } from '#core/ventilation/duct-friction'
import type { FlowFoundWith, HallDucts } from '#core/ventilation/hall-ducts'
import { FLOW_FOUND_WITH, HALL_DUCTS_LIMITS } from '#core/ventilation/hall-ducts'
import type { HoodEntryId } from '#core/ventilation/hood-flow'
import { ENTRY_COEFFICIENTS } from '#core/ventilation/hood-flow'
import { plainUnit } from '~/frame/useShopUnits'
import { hoodEntryWords } from '~/areas/air/hoodEntryWords'
import type { Placed } from '~/stores/judged'
import { airPages } from '~/words/air'

const says = airPages.ductsForm

/** Fan, filter, ducts and the bays at their ends, as the drawing of the extraction has them. */
const { hall, ducts, bays } = defineProps<{ hall: Hall, ducts: HallDucts | null, bays: readonly Placed[] }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const units = useShopUnits()
const { send, refused, busy } = useSender()

type Point = { flowM3PerS: number | undefined, pressurePa: number | undefined }
interface Line {
  readonly key: number
  id: string
  into: string
  lengthM: number | undefined
  diameterM: number | undefined
  wall: DuctWallId | ''
  lossCoefficient: number | undefined
  bayId: string
  entry: HoodEntryId | ''
  foundWith: FlowFoundWith | ''
}
/** Made anew for each that is added: a line keeps its fields when another is taken out. */
let last = 0
const pa = plainUnit('Pa', 50)
const times = plainUnit('', 0.1)

const fan = ref<Point[]>(
  ducts?.fan.map(point => ({ ...point }))
  ?? [{ flowM3PerS: 0, pressurePa: undefined }, { flowM3PerS: undefined, pressurePa: undefined }],
)
const filter = ref<Point>(ducts?.filter ? { ...ducts.filter } : { flowM3PerS: undefined, pressurePa: undefined })
const blank = (over: Partial<Line> = {}): Line => ({
  key: ++last,
  id: '', into: '', lengthM: undefined, diameterM: undefined, wall: 'galvanised', lossCoefficient: undefined,
  bayId: '', entry: 'flanged-end', foundWith: 'own-open', ...over,
})
const hoodAt = (ductId: string) => {
  const hood = ducts?.hoods.find(one => one.ductId === ductId)
  return hood ? { bayId: hood.bayId, entry: hood.entry, foundWith: hood.foundWith } : {}
}
const lines = ref<Line[]>(
  ducts?.ducts.map(({ into, ...duct }) => blank({ ...duct, into: into ?? '', ...hoodAt(duct.id) })) ?? [blank({ id: says.main })],
)
const others = (line: Line) => lines.value.filter(one => one !== line && one.id.trim() !== '' && one.bayId === '').map(one => one.id.trim())
/** Bays that hang on nothing yet, and the one that hangs here. */
const free = (line: Line) => bays
  .map(({ bay }) => bay.bayId)
  .filter(bayId => bayId === line.bayId || !lines.value.some(one => one.bayId === bayId))
const labelOf = (bayId: string) => says.bay(bays.find(({ bay }) => bay.bayId === bayId)?.bay.label ?? bayId)

const asWhole = (point: Point) => ({ flowM3PerS: point.flowM3PerS!, pressurePa: point.pressurePa! })
const payload = computed(() => {
  const { flowM3PerS, pressurePa } = filter.value
  const hung = lines.value.filter(({ bayId }) => bayId !== '')
  return {
    ducts: {
      fan: fan.value.map(asWhole),
      ...flowM3PerS !== undefined && pressurePa !== undefined ? { filter: { flowM3PerS, pressurePa } } : {},
      ducts: lines.value.map(({ id, into, lengthM, diameterM, wall, lossCoefficient }) => ({
        id: id.trim(), into: into === '' ? null : into, lengthM: lengthM!, diameterM: diameterM!, wall: wall as DuctWallId,
        lossCoefficient: lossCoefficient!,
      })),
      hoods: hung.map(({ id, bayId, entry, foundWith }) => ({
        bayId, ductId: id.trim(), entry: entry as HoodEntryId, foundWith: foundWith as FlowFoundWith,
      })),
    },
  }
})
/** What no single field stands for. */
const lacks = computed(() => lines.value.some(({ bayId }) => bayId !== '') ? null : says.noHoodYet)
const isFilterHalf = computed(() => (filter.value.flowM3PerS === undefined) !== (filter.value.pressurePa === undefined))

const openedOn = facts.reading?.air.versions.halls[hall.hallId] ?? 0
async function lay(whole: HallDucts | null) {
  const sent = await send('hall.lay-ducts', { id: hallStream(hall.hallId), expectedVersion: openedOn }, { ducts: whole })
  if (!sent.ok) return
  await facts.refresh()
  emit('done')
}
</script>

<template>
  <FrameForm
    class="form"
    of="hall.lay-ducts"
    :payload="payload"
    :lacks="isFilterHalf ? says.filterIsHalf : lacks"
    :busy="busy"
    @send="lay(payload.ducts)"
  >
    <h4>{{ says.fan }}</h4>
    <p class="soft">
      {{ says.fromItsSheet }}
    </p>
    <div v-for="(point, i) in fan" :key="i" class="point">
      <FrameNumber
        v-model="point.flowM3PerS"
        :label="says.atAFlowOf"
        :unit="units.airFlow"
        :limits="HALL_DUCTS_LIMITS.flowM3PerS"
        :name="`ducts.fan.${i}.flowM3PerS`"
      />
      <FrameNumber
        v-model="point.pressurePa"
        :label="says.itLifts"
        :unit="pa"
        :limits="HALL_DUCTS_LIMITS.pressurePa"
        :name="`ducts.fan.${i}.pressurePa`"
      />
      <FrameKey v-if="fan.length > 2 && i === fan.length - 1" look="quiet" :aria-label="says.takeOutPoint" @click="fan.splice(i, 1)">
        {{ says.takeOut }}
      </FrameKey>
    </div>
    <FrameKey class="add" look="quiet" @click="fan.push({ flowM3PerS: undefined, pressurePa: undefined })">
      {{ says.anotherPoint }}
    </FrameKey>
    <h4>{{ says.filter }}</h4>
    <div class="point">
      <FrameNumber
        v-model="filter.flowM3PerS"
        :label="says.atAFlowOf"
        :unit="units.airFlow"
        :limits="HALL_DUCTS_LIMITS.flowM3PerS"
        optional
      />
      <FrameNumber v-model="filter.pressurePa" :label="says.itTakes" :unit="pa" :limits="HALL_DUCTS_LIMITS.pressurePa" optional />
    </div>
    <h4>{{ says.ducts }}</h4>
    <fieldset v-for="(line, i) in lines" :key="line.key" class="line">
      <legend class="visually-hidden">
        {{ line.id || says.aDuct }}
      </legend>
      <FrameText v-model="line.id" :label="says.name" maxlength="40" is-needed :name="`ducts.ducts.${i}.id`" />
      <FrameSelect
        v-model="line.into"
        :label="says.leadsInto"
        :ids="others(line)"
        :named="id => id"
        :none="says.theFan"
        :name="`ducts.ducts.${i}.into`"
      />
      <FrameNumber
        v-model="line.lengthM"
        :label="says.length"
        :unit="units.height"
        :limits="HALL_DUCTS_LIMITS.lengthM"
        :name="`ducts.ducts.${i}.lengthM`"
      />
      <FrameNumber
        v-model="line.diameterM"
        :label="says.diameter"
        :unit="units.reach"
        :limits="HALL_DUCTS_LIMITS.diameterM"
        :name="`ducts.ducts.${i}.diameterM`"
      />
      <FrameSelect
        v-model="line.wall"
        :label="says.wall"
        :ids="Object.keys(DUCT_ROUGHNESS_MM) as DuctWallId[]"
        :named="id => says.walls[id]"
      />
      <FrameNumber
        v-model="line.lossCoefficient"
        :label="says.losses"
        :unit="times"
        :limits="HALL_DUCTS_LIMITS.lossCoefficient"
        :hint="says.lossesHint"
        :name="`ducts.ducts.${i}.lossCoefficient`"
      />
      <FrameSelect v-model="line.bayId" :label="says.atItsEnd" :ids="free(line)" :named="labelOf" :none="says.otherDucts" />
      <template v-if="line.bayId !== ''">
        <FrameSelect
          v-model="line.entry"
          :label="says.mouth"
          :ids="Object.keys(ENTRY_COEFFICIENTS) as HoodEntryId[]"
          :named="hoodEntryWords"
        />
        <FrameSelect
          v-model="line.foundWith"
          :label="says.flowFoundWith"
          :ids="FLOW_FOUND_WITH"
          :named="id => says.foundWith[id]"
          :hint="says.foundWithHint"
        />
      </template>
      <FrameKey v-if="lines.length > 1" look="quiet" class="out" @click="lines.splice(i, 1)">
        {{ says.takeOut }}
      </FrameKey>
    </fieldset>
    <FrameKey class="add" look="quiet" @click="lines.push(blank({ into: lines[0]?.id.trim() ?? '' }))">
      {{ says.anotherDuct }}
    </FrameKey>
    <FrameRefused :says="refused" />
    <div class="keys">
      <FrameKey v-if="ducts" look="quiet" :disabled="busy" @click="lay(null)">
        {{ says.shareNone }}
      </FrameKey>
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.save }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.form { display: grid; gap: var(--space-4); }
h4 { font-weight: 800; border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-4); }
.point { display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)) 120px; gap: var(--space-5); align-items: start; }
.line {
  display: grid; grid-template-columns: repeat(3, minmax(0, 1fr)); gap: var(--space-4) var(--space-5); align-items: start;
  border-bottom: var(--line-rule) solid var(--ink); padding-bottom: var(--space-4);
}
.add { justify-self: start; }
.out { align-self: center; justify-self: start; }
.keys { display: flex; gap: var(--space-4); flex-wrap: wrap; }
@media (max-width: 700px) {
  .line, .point { grid-template-columns: minmax(0, 1fr); }
}
</style>
