<script setup lang="ts">
import { hallStream } from '#core/ids/streams'
import type { HallPlan, PlanKind, PlanThing } from '#core/streams/hall/hall-plan'
import { PLAN_KINDS, PLAN_LIMITS } from '#core/streams/hall/hall-plan'
import { towards } from '#core/streams/hall/on-plan'
import type { HallDucts } from '#core/ventilation/hall-ducts'
import { plainUnit } from '~/frame/useShopUnits'
import { hallPages } from '~/words/hall'
import { meetingDucts } from './plan'

const says = hallPages.draw

/** How a hall is drawn: its outline, and each thing put where a finger taps or the arrow keys take it. */
const { hallId, ducts } = defineProps<{ hallId: string, ducts: HallDucts | null }>()
/** The plan as it is drawn now. */
const plan = defineModel<HallPlan>('plan', { required: true })
/** The thing that is moved, by its place in the list; null: none. */
const picked = defineModel<number | null>('picked', { required: true })
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const units = useShopUnits()
const q = useQuantities()
const { send, refused, busy } = useSender()

const degrees = plainUnit('°', 15)
const TURN_DEG = 15
/** What a new thing measures, m. */
const USUAL_M: Readonly<Record<PlanKind, number>> = {
  'wall': 3, 'screen': 2, 'laser-barrier': 3, 'door': 1, 'blows-in': 1, 'draws-out': 1, 'draught': 2, 'duct-fan': 1,
}
const set = (change: Partial<HallPlan>) => {
  plan.value = { ...plan.value, ...change }
}
const outline = (field: keyof HallPlan['outline']) => computed({
  get: () => plan.value.outline[field] as number | undefined,
  // What is no number keeps the last one drawn: the field says so itself.
  set: (m: number | undefined) => m !== undefined && set({ outline: { ...plan.value.outline, [field]: m } }),
})
const [xM, yM, lengthM, widthM] = [outline('xM'), outline('yM'), outline('lengthM'), outline('widthM')]

const thing = computed<PlanThing | null>(() => picked.value === null ? null : plan.value.things[picked.value] ?? null)
function change(to: Partial<PlanThing>) {
  if (picked.value === null) return
  const within = (m: number): number => Math.round(Math.min(PLAN_LIMITS.gridM.max, Math.max(PLAN_LIMITS.gridM.min, m)) * 100) / 100
  set({
    things: plan.value.things.map((one, index) => {
      if (index !== picked.value) return one
      const next = { ...one, ...to }
      return { ...next, xM: within(next.xM), yM: within(next.yM) }
    }),
  })
}
const part = (field: 'xM' | 'yM' | 'towardsDeg' | 'lengthM') => computed({
  get: () => thing.value?.[field],
  set: (value: number | undefined) => value !== undefined && change({ [field]: value }),
})
const [atX, atY, atDeg, atLength] = [part('xM'), part('yM'), part('towardsDeg'), part('lengthM')]
function add(kind: PlanKind) {
  const { xM: left, yM: top, lengthM: long, widthM: deep } = plan.value.outline
  // Counted before: what is set here comes back with the next drawing of the page.
  const index = plan.value.things.length
  set({ things: [...plan.value.things, { kind, xM: left + long / 2, yM: top + deep / 2, towardsDeg: 0, lengthM: USUAL_M[kind] }] })
  picked.value = index
}
function takeOut(index: number) {
  set({ things: plan.value.things.filter((_, i) => i !== index) })
  picked.value = null
}
const GO: Readonly<Record<string, number>> = { ArrowRight: 0, ArrowDown: 90, ArrowLeft: 180, ArrowUp: 270 }
function step(way: string, isFar = false) {
  const towardsDeg = GO[way]
  if (towardsDeg === undefined || !thing.value) return false
  const { xM: x, yM: y } = towards(thing.value, towardsDeg, units.value.height.fromShown(units.value.height.step) * (isFar ? 10 : 1))
  change({ xM: x, yM: y })
  return true
}
function press(event: KeyboardEvent) {
  if ((event.target as Element).closest('input, [role="combobox"]')) return
  if (step(event.key, event.shiftKey)) event.preventDefault()
}
const list = useTemplateRef<HTMLElement>('list')
// Picked on the plan, its line comes in sight.
watch(picked, index => index !== null && nextTick(() => list.value?.children[index]?.scrollIntoView({ block: 'nearest' })))
const meetings = computed(() => ducts ? meetingDucts(ducts) : [])
const meetingAt = (id: string, axis: 'xM' | 'yM') => plan.value.ductsAt[id]?.[axis]
function meet(id: string, axis: 'xM' | 'yM', m: number | undefined) {
  if (m === undefined) return
  const { outline: { xM: left, yM: top } } = plan.value
  set({ ductsAt: { ...plan.value.ductsAt, [id]: { ...plan.value.ductsAt[id] ?? { xM: left, yM: top }, [axis]: m } } })
}

const openedOn = facts.reading?.air.versions.halls[hallId] ?? 0
async function keep(whole: HallPlan | null) {
  const sent = await send('hall.lay-out', { id: hallStream(hallId), expectedVersion: openedOn }, { plan: whole })
  if (!sent.ok) return
  await facts.refresh()
  emit('done')
}
</script>

<template>
  <FrameForm class="draw" of="hall.lay-out" :payload="{ plan }" :busy="busy" @send="keep(plan)" @keydown="press">
    <h2>{{ says.howItIsDrawn }}</h2>
    <p class="soft">
      {{ says.howToDraw }}
    </p>
    <div class="columns">
      <FrameNumber v-model="lengthM" :label="says.long" :unit="units.height" :limits="PLAN_LIMITS.outlineM" name="plan.outline.lengthM" />
      <FrameNumber v-model="widthM" :label="says.deep" :unit="units.height" :limits="PLAN_LIMITS.outlineM" name="plan.outline.widthM" />
      <FrameNumber v-model="xM" :label="says.beginsAlong" :unit="units.height" :limits="PLAN_LIMITS.gridM" name="plan.outline.xM" />
      <FrameNumber v-model="yM" :label="says.beginsAcross" :unit="units.height" :limits="PLAN_LIMITS.gridM" name="plan.outline.yM" />
    </div>
    <h3>{{ says.addTo }}</h3>
    <div class="keys">
      <FrameKey v-for="kind in PLAN_KINDS" :key="kind" @click="add(kind)">
        {{ says.kinds[kind] }}
      </FrameKey>
    </div>
    <h3>{{ says.whatStandsThere(plan.things.length) }}</h3>
    <ul ref="list" class="list">
      <li v-for="(one, index) in plan.things" :key="index">
        <FrameKey :picked="picked === index" @click="picked = picked === index ? null : index">
          {{ says.thingAt(says.kinds[one.kind], q.height(one.xM), q.height(one.yM)) }}
        </FrameKey>
        <div v-if="picked === index" class="one">
          <div class="keys">
            <FrameKey :aria-label="says.left" @click="step('ArrowLeft')">
              {{ says.arrows.left }}
            </FrameKey>
            <FrameKey :aria-label="says.up" @click="step('ArrowUp')">
              {{ says.arrows.up }}
            </FrameKey>
            <FrameKey :aria-label="says.down" @click="step('ArrowDown')">
              {{ says.arrows.down }}
            </FrameKey>
            <FrameKey :aria-label="says.right" @click="step('ArrowRight')">
              {{ says.arrows.right }}
            </FrameKey>
            <FrameKey :aria-label="says.turn" @click="change({ towardsDeg: (one.towardsDeg + TURN_DEG) % 360 })">
              {{ says.arrows.turn }}
            </FrameKey>
            <FrameKey look="quiet" @click="takeOut(index)">
              {{ says.takeOut }}
            </FrameKey>
          </div>
          <div class="columns">
            <FrameNumber
              v-model="atX"
              :label="says.along"
              :unit="units.height"
              :limits="PLAN_LIMITS.gridM"
              :name="`plan.things.${index}.xM`"
            />
            <FrameNumber
              v-model="atY"
              :label="says.across"
              :unit="units.height"
              :limits="PLAN_LIMITS.gridM"
              :name="`plan.things.${index}.yM`"
            />
            <FrameNumber v-model="atDeg" :label="says.towards" :unit="degrees" :limits="PLAN_LIMITS.towardsDeg" :hint="says.towardsHint" />
            <FrameNumber v-model="atLength" :label="says.length" :unit="units.height" :limits="PLAN_LIMITS.lengthM" />
          </div>
        </div>
      </li>
    </ul>
    <template v-if="meetings.length > 0">
      <h3>{{ says.whereDuctsMeet }}</h3>
      <p class="soft">
        {{ says.ductsHint }}
      </p>
      <div v-for="id in meetings" :key="id" class="columns">
        <FrameNumber
          :model-value="meetingAt(id, 'xM')"
          :label="says.meetsAlong(id)"
          :unit="units.height"
          :limits="PLAN_LIMITS.gridM"
          optional
          @update:model-value="meet(id, 'xM', $event)"
        />
        <FrameNumber
          :model-value="meetingAt(id, 'yM')"
          :label="says.meetsAcross(id)"
          :unit="units.height"
          :limits="PLAN_LIMITS.gridM"
          optional
          @update:model-value="meet(id, 'yM', $event)"
        />
      </div>
    </template>
    <FrameRefused :says="refused" />
    <div class="keys">
      <FrameKey look="quiet" :disabled="busy" @click="emit('done')">
        {{ says.leaveIt }}
      </FrameKey>
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.keepIt }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.draw { display: grid; gap: var(--space-4); }
h2 { font-size: var(--type-big); }
h3 { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.list { display: grid; gap: var(--space-3); }
.list li { display: grid; gap: var(--space-3); justify-items: start; }
.one { display: grid; gap: var(--space-3); border-left: var(--line-heavy) solid var(--rule); padding-left: var(--space-5); width: 100%; }
</style>
