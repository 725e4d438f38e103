<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import { GATE_OF_KIND } from '#core/clearance/kit-around'
import { fireWords } from '~/words/fire-words'
import type { Placed } from '~/stores/judged'
import type { FireCheckId } from '#core/ids/station-ids'
import { FIRE_CHECKS } from '#core/ids/station-ids'
import { stationPages } from '~/words/station'

const says = stationPages.fireCheck

/** Fire at one bay: today's look where it is designated, its permit where it is a spot on a structure; the extinguisher of either. */
const { placed } = defineProps<{ placed: Placed }>()
defineEmits<{ because: [] }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const { time } = useDates()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const { turn, left } = usePermitClock()
const gate = computed(() => placed.verdict.byId.fire)
const isStructure = computed(() => placed.bay.kind === 'structure')
const permits = computed(() => facts.reading?.fire.byBay[placed.bay.bayId] ?? [])
const things = computed(() => judged.viewAt(placed.bay).kit.items.filter(({ kind }) => GATE_OF_KIND[kind] === 'fire'))
const check = computed(() => placed.station.fireCheck)
const wrong = ref<readonly FireCheckId[]>([])
const toggle = (id: FireCheckId) => {
  wrong.value = wrong.value.includes(id) ? wrong.value.filter(one => one !== id) : [...wrong.value, id]
}
const mayLook = computed(() => session.may('inspect', { bayId: placed.bay.bayId, areaId: placed.bay.areaId }))
const look = () => act('station.check-fire', { answers: Object.fromEntries(FIRE_CHECKS.map(id => [id, !wrong.value.includes(id)])) })
</script>

<template>
  <section class="fire" :aria-label="says.fire">
    <StationPanelHead :gate="gate" @because="$emit('because')" />
    <p
      v-for="({ message, todo }, index) in lookup.sayAll(gate.findings.filter(({ severity }) => severity !== 'note'))"
      :key="index"
      class="said"
      :class="{ 'is-stop': gate.state === 'stop' && index === 0 }"
    >
      {{ message }} <b>{{ todo }}</b>
    </p>
    <template v-if="isStructure">
      <h4>{{ says.permit }}</h4>
      <NuxtLink v-for="one in permits" :key="one.permitId" class="thing" :to="`/hot-work/${one.permitId}`">
        <b>{{ one.permit.code }}</b>
        <span>{{ turn(one.permit).says }}<small class="soft">{{ fireWords.phases[one.permit.phase] }}, {{ left(one.permit) }}</small></span>
        <span>{{ says.open }}</span>
      </NuxtLink>
      <NuxtLink
        v-if="permits.length === 0"
        class="key go link"
        :to="{ path: '/hot-work', query: { do: 'request', bay: placed.bay.bayId } }"
      >
        {{ says.askForAPermit }}
      </NuxtLink>
    </template>
    <template v-else>
      <h4>{{ says.todaysLook }}</h4>
      <p v-if="check" class="soft">
        {{ lookup.names.get(check.by) ?? says.somebody }}, {{ time(check.at) }}.
      </p>
      <template v-if="mayLook">
        <p>{{ says.tapWhatIsNotIn }}</p>
        <FrameKey
          v-for="id in FIRE_CHECKS"
          :key="id"
          class="check"
          :class="{ off: wrong.includes(id) }"
          :aria-pressed="wrong.includes(id)"
          @click="toggle(id)"
        >
          <span>{{ fireWords.fireChecks[id] }}</span><b>{{ wrong.includes(id) ? says.notInOrder : says.inOrder }}</b>
        </FrameKey>
        <FrameKey look="go" @click="look">
          {{ wrong.length === 0 ? says.lookedAllInOrder : says.lookedNotInOrder(wrong.length) }}
        </FrameKey>
      </template>
      <p v-else class="soft">
        {{ says.theInstructorOrWhoeverStands }}
      </p>
    </template>
    <h4>{{ says.extinguisher }}</h4>
    <NuxtLink v-for="item in things" :key="item.tag" class="thing" :to="`/kit/${item.tag.toLowerCase()}`">
      <b>{{ item.tag }}</b><span>{{ item.name }}<small
        :class="item.mayUse ? 'state-open' : 'state-hold'"
      >{{ item.mayUse ? says.inService : lookup.say(item.findings[0]!).brief }}</small></span><span>{{ says.open }}</span>
    </NuxtLink>
    <p v-if="things.length === 0" class="soft">
      {{ says.noneIsAssignedHereKit }}
    </p>
    <FrameRefused :says="refused" />
  </section>
</template>

<style scoped>
.fire {
  display: grid;
  gap: var(--space-4);
}
.said {
  background: var(--bg);
}
h4 {
  font-weight: 800;
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
  margin-top: var(--space-2);
}
.thing {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) auto;
  gap: var(--space-5);
  align-items: center;
  min-height: 60px;
  border-bottom: var(--line-thin) solid var(--rule);
  color: inherit;
  text-decoration: none;
  font-weight: 650;
}
.thing b {
  font-weight: 900;
}
.thing small {
  display: block;
  font-size: var(--type-small);
}
.check {
  display: flex;
  justify-content: space-between;
  align-items: center;
  text-align: left;
}
.check.off {
  border-color: var(--hold);
  color: var(--hold);
  border-width: 3px;
}
.link {
  display: grid;
  place-items: center;
}
</style>
