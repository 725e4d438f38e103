<script setup lang="ts">
import { darkestSteps } from '#core/shade/darkest-steps'
import { shadeQuestionOf } from '#core/job/job'
import { bandOf } from '#core/shade/settled-shade'
import { workplaceOf } from '#core/streams/site/site'
import { settableShades } from '#core/shade/settable-shades'
import { personStream, stationStream } from '#core/ids/streams'
import { tagIdOf } from '#core/ids/tag'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'

const says = stationPages.darkest

/** A shade that is found and not told: from the darkest, one lighter until the puddle is just seen, never under what binds. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const judged = useJudged()
const q = useQuantities()
const { send, refused, busy } = useSender()
const shade = computed(() => placed.verdict.shade)
const helmets = computed(() =>
  judged.viewAt(placed.bay).forPerson(placed.station.personId).worn.filter(({ kind, marks }) => kind === 'helmet' && marks.shadeBands))
/** The one that is worn, as far as anybody said; the steps are those of its lens. */
const helmet = computed(() => {
  const worn = wornHelmet(helmets.value, placed.station.helmet?.tag)
  return helmets.value.find(({ tag }) => tagIdOf(tag) === worn) ?? helmets.value[0]
})
const steps = computed(() =>
  shade.value?.minimum == null || shade.value.start === null
    ? []
    : darkestSteps(shade.value.minimum, shade.value.start, helmet.value ? settableShades(helmet.value.marks.shadeBands!) : null))
const at = ref(0)
const tried = computed(() => steps.value[Math.min(at.value, steps.value.length - 1)])
const isLast = computed(() => at.value >= steps.value.length - 1)
/** Nobody strikes to try a shade where nobody may strike. */
const mayStrike = computed(() => placed.verdict.word === 'clear-to-strike')

async function settle() {
  const { personId, job } = placed.station
  const work = job && shadeQuestionOf(job, workplaceOf(placed.bay))
  const bandA = work ? bandOf(work) : undefined
  if (personId === null || tried.value === undefined || work === null || bandA === undefined) return
  const found = { bayId: placed.bay.bayId, process: work.process, bandA, shade: tried.value }
  const sent = await send('person.settle-shade', personStream(personId), found)
  if (!sent.ok) return
  const tag = wornHelmet(helmets.value, placed.station.helmet?.tag)
  const set = await send('station.set-helmet', stationStream(placed.bay.bayId), { shade: tried.value, ...tag ? { tag } : {} })
  if (set.ok) emit('done')
}
</script>

<template>
  <section class="darkest" :aria-label="says.findTheShade">
    <h3>{{ says.findTheShade }}</h3>
    <p class="soft">
      {{ says.howItGoes }}
    </p>
    <p v-if="!placed.station.personId" class="said">
      {{ says.placeSomebodyFirst }}
    </p>
    <p v-else-if="tried === undefined" class="said">
      {{ says.noShadeToTry }}
    </p>
    <template v-else>
      <p v-if="!mayStrike" class="said">
        {{ says.notClear }}
      </p>
      <ol class="steps">
        <li v-for="(step, index) in steps" :key="step" :class="{ now: index === at, past: index < at }">
          <span class="print">{{ q.shade(step) }}</span>
        </li>
      </ol>
      <p role="status">
        <b>{{ says.setTo(q.shade(tried)) }}</b>
        {{ isLast ? says.thisIsTheLeast : says.strikeOnScrap }}
      </p>
      <FrameRefused :says="refused" />
      <div class="keys">
        <FrameKey look="go" :disabled="busy || !mayStrike" @click="settle">
          {{ says.iSeeThePuddle }}
        </FrameKey>
        <FrameKey :disabled="isLast || !mayStrike" @click="at += 1">
          {{ says.tooDark }}
        </FrameKey>
        <FrameKey v-if="at > 0" look="quiet" @click="at = 0">
          {{ says.beginAgain }}
        </FrameKey>
      </div>
    </template>
  </section>
</template>

<style scoped>
.darkest { display: grid; gap: var(--space-4); }
h3 { font-size: var(--type-head); }
.steps { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.steps li {
  min-width: 56px; min-height: 56px; display: grid; place-items: center; border: var(--line-rule) solid var(--strong-rule);
  font-size: var(--type-big); font-weight: 850;
}
.steps .now { border-color: var(--ink); border-width: var(--line-heavy); }
.steps .past { color: var(--soft); text-decoration: line-through; }
</style>
