<script setup lang="ts">
import type { FirstStepId } from '#core/opening/first-steps'
import { FIRST_STEPS } from '#core/opening/first-steps'
import { beginPages } from '~/words/begin'

const says = beginPages.page

/** A new shop, step by step, from its first hall to its first bay that is clear to strike. */
const session = useSession()
const facts = useFacts()
const route = useRoute()
const { halls, bays, steps, next, hold } = useBegun()
const { reading: roll, refresh } = useReading('people', () => ({}), among('person/', 'people'))
const people = computed(() => roll.value?.people ?? null)

/** What is opened by hand; else the first that lacks something. */
const chosen = computed<FirstStepId | null>(() =>
  FIRST_STEPS.find(id => id === route.query.step) ?? next.value?.id ?? null)
// A step begins where one begins to read.
watch(chosen, () => window.scrollTo({ top: 0 }))
const step = computed(() => steps.value.find(({ id }) => id === chosen.value) ?? null)
/** Named as long as they are few. */
const NAMED = 4
const lackOf = (lacking: readonly string[]) =>
  (lacking.length > 0 ? says.lacks(lacking.slice(0, NAMED).join(', '), Math.max(0, lacking.length - NAMED)) : says.toDo)
const goOn = useGoOn()
const onwards = () => goOn('/first-steps')
/** Halls with something in them of whose air anything is unsaid. */
const airless = computed(() => halls.value.filter(({ hallId }) => bays.value.some(bay => bay.hallId === hallId)))
</script>

<template>
  <main class="page">
    <h1>{{ says.firstSteps }}</h1>
    <p v-if="!session.may('set-up-site')" class="said">
      {{ says.leadSetsUp }}
    </p>
    <template v-else>
      <p class="lead">
        {{ says.lead }}
      </p>
      <div class="two">
        <ol class="steps" :aria-label="says.firstSteps">
          <li v-for="({ id, isDone, lacking }, nth) in steps" :key="id">
            <NuxtLink :to="`/first-steps?step=${id}`" :aria-current="id === chosen ? 'step' : undefined" :class="{ done: isDone }">
              <b class="print">{{ nth + 1 }}</b>
              <span>{{ says.steps[id] }}
                <small :class="isDone ? 'print' : 'soft'">{{ isDone ? says.done : lackOf(lacking) }}</small>
              </span>
            </NuxtLink>
          </li>
        </ol>
        <section v-if="step" :key="step.id" class="now" :aria-label="says.steps[step.id]">
          <h2>{{ says.steps[step.id] }}</h2>
          <p class="soft">
            {{ says.why[step.id] }}
          </p>
          <BeginHalls v-if="step.id === 'halls'" @done="onwards" />
          <BeginNumbers v-else-if="step.id === 'numbers'" @done="onwards" />
          <BeginKit v-else-if="step.id === 'kit'" @done="onwards" />
          <LazyPersonBringIn
            v-else-if="step.id === 'people' && people"
            :people="people"
            :groups="[]"
            @done="refresh(); facts.refresh(); onwards()"
          />
          <template v-else-if="step.id === 'air'">
            <BeginAir v-for="hall in airless" :key="hall.hallId" :hall="hall" />
          </template>
          <BeginWork v-else-if="step.id === 'work'" />
          <BeginGas v-else-if="step.id === 'gas'" />
          <template v-else-if="step.id === 'gates'">
            <NuxtLink v-if="hold" class="key go link" :to="`/bay/${hold.bayId}?do=${hold.gate}`">
              {{ says.atBay(hold.label, words.gates[hold.gate]) }}
            </NuxtLink>
            <p v-else-if="step.isDone" class="state-open big">
              {{ says.struck }}
            </p>
          </template>
          <p v-if="next && next.id !== step.id" class="on">
            <NuxtLink class="key go link" to="/first-steps">
              {{ says.nextIs(says.steps[next.id]) }}
            </NuxtLink>
          </p>
        </section>
        <section v-else class="now">
          <p class="state-open big">
            {{ says.struck }}
          </p>
          <NuxtLink class="key go link" to="/">
            {{ says.toTheFloor }}
          </NuxtLink>
        </section>
      </div>
      <p class="also">
        <NuxtLink to="/set-up">
          {{ says.changeHalls }}
        </NuxtLink>
        <NuxtLink to="/house-rules">
          {{ says.houseRules }}
        </NuxtLink>
      </p>
    </template>
  </main>
</template>

<style scoped>
.two { display: grid; grid-template-columns: minmax(0, 320px) minmax(0, 1fr); gap: var(--space-7) var(--space-9); align-items: start; }
.steps li { border-bottom: var(--line-thin) solid var(--rule); }
.steps a {
  display: flex;
  align-items: center;
  gap: var(--space-5);
  min-height: 56px;
  padding: var(--space-2) var(--space-5);
  font-weight: 750;
}
.steps a[aria-current] { box-shadow: inset 5px 0 var(--ink); background: var(--panel); }
.steps b { font-size: var(--type-big); font-weight: 900; min-width: 1.2em; }
.steps small { display: block; font-weight: 500; }
.now { display: grid; gap: var(--space-5); min-width: 0; }
.link { display: inline-grid; place-items: center; }
.on { border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-5); }
.also { display: flex; gap: var(--space-8); margin-top: var(--space-8); }
.also a { min-height: 56px; display: inline-flex; align-items: center; font-weight: 750; text-decoration: underline; }
@media (max-width: 900px) {
  .two { grid-template-columns: minmax(0, 1fr); }
}
</style>
