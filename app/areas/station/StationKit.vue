<script setup lang="ts">
import { kitItemStream } from '#core/ids/streams'
import { GATE_OF_KIND } from '#core/clearance/kit-around'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { listsToDo } from '#core/inspection/round'
import { cylinderSentences } from '#shared/words/en/cylinder-findings'
import { kitItemSentences } from '#shared/words/en/kit-item-findings'
import { kitWords } from '~/words/kit-words'
import { learnSentences } from '#shared/words/speak'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'
import { vStill } from '~/frame/still'

const says = stationPages.kit

/** What the Gas or the Machine gate of a bay rests on: each cylinder and thing, its state, and the look that is due. */
const { placed, gate: gateId } = defineProps<{ placed: Placed, gate: 'gas' | 'machine' }>()
defineEmits<{ because: [] }>()
learnSentences(cylinderSentences)
learnSentences(kitItemSentences)
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const { send } = useSender()
const q = useQuantities()
const { until } = useDates()
const gate = computed(() => placed.verdict.byId[gateId])
const around = computed(() => judged.viewAt(placed.bay).kit)
const opened = computed(() =>
  gate.value.state === 'open' ? (openedBy(placed, gateId, judged.viewAt(placed.bay), q.value) ?? says.nothingHoldsIt) : null,
)
const { reading, refresh } = useReading('kit/round', () => ({ bayId: placed.bay.bayId }), ROUND_RESTS_ON)
const lists = computed(() => reading.value ? listsInForce(reading.value.lists) : [])
const here = computed(
  () =>
    reading.value?.stops
      .flatMap(({ items }) => items)
      .filter(({ item }) => GATE_OF_KIND[item.kind] === gateId && item.assignment?.to === 'bay')
      .map(one => ({
        ...one,
        toDo: listsToDo(one.item, lists.value, reading.value!.today, session.isCompetent(one.item.kind)),
      })) ?? [],
)
const mayInspect = computed(() => session.may('inspect', { bayId: placed.bay.bayId, areaId: placed.bay.areaId }))
const open = ref<string | null>(null)
/** Looks of only yes and no, by whoever uses it: all of them in one tap, after looking at all of them. */
const quick = computed(() =>
  here.value.flatMap(({ tagId, toDo }) =>
    toDo
      .filter(({ checks, every }) => every.unit === 'use' && checks.every(({ asks }) => asks === 'yes-no'))
      .map(list => ({ tagId, list })),
  ),
)
const refused = ref('')
async function allWell() {
  refused.value = ''
  for (const { tagId, list } of quick.value) {
    const sent = await send('item.inspect', kitItemStream(tagId), {
      listId: list.id,
      listVersion: list.version,
      answers: Object.fromEntries(list.checks.map(({ id }) => [id, true])),
    })
    if (!sent.ok) refused.value = wordsOf(sent)
  }
  await refresh()
}
async function done() {
  open.value = null
  await refresh()
}
function stateOf({ item, toDo }: (typeof here.value)[number]): { readonly mark: 'stop' | 'hold' | 'open', readonly says: string } {
  if (item.taggedOut) return { mark: 'stop', says: says.taggedOut }
  if (toDo.length > 0) return { mark: 'hold', says: toDo.map(({ id }) => kitWords.lists(id)).join(', ') }
  return { mark: 'open', says: says.lookedAtInDate }
}
</script>

<template>
  <!-- A thing that has just come here was not looked at by whoever says so of all. -->
  <section v-still="quick.map(({ tagId, list }) => `${tagId} ${list.id}`).join()" class="kit" :aria-label="words.gates[gateId]">
    <StationPanelHead :gate="gate" @because="$emit('because')" />
    <ul class="findings">
      <li
        v-for="({ message, todo }, index) in lookup.sayAll(gate.findings.filter(({ severity }) => severity !== 'note'))"
        :key="index"
        class="said"
        :class="{ 'is-stop': gate.state === 'stop' && index === 0 }"
      >
        {{ message }} <b>{{ todo }}</b>
      </li>
      <li v-if="gate.findings.every(({ severity }) => severity === 'note')" class="said is-open">
        {{ opened ?? lookup.sayAll(gate.findings)[0]?.message }}
      </li>
    </ul>
    <template v-if="gateId === 'gas'">
      <h4>{{ says.cylindersHere }}</h4>
      <NuxtLink v-for="one in around.cylinders" :key="one.tag" class="thing" :to="`/gas/${one.tag.toLowerCase()}`">
        <b>{{ one.tag }}</b>
        <span>{{ gasWords(one.gas) }}<small class="soft">{{ one.settlesAt && until(one.settlesAt) ? says.settlesMore(until(one.settlesAt)!) : one.leakTest && one.leakTest.leaking.length === 0 && one.leakTest.missing.length === 0 ? says.everyJointTight : says.notLeakTested }}</small></span>
        <span class="print">{{ one.left ? q.gas(one.left.lowM3) : says.notRead }}</span>
      </NuxtLink>
      <p v-if="around.cylinders.length === 0" class="soft">
        {{ says.noneACylinderIsConnected }}
      </p>
      <NuxtLink class="key link" to="/gas">
        {{ says.theStore }}
      </NuxtLink>
    </template>
    <h4>{{ gateId === 'gas' ? says.regulatorsArrestorsHoses : says.machineLeadsTools }}</h4>
    <FrameKey v-if="mayInspect && quick.length > 1" look="go" big @click="allWell">
      {{ says.lookedAtAllInOrder(quick.length) }}
    </FrameKey>
    <div v-for="one in here" :key="one.tagId" class="one">
      <div class="thing">
        <NuxtLink :to="`/kit/${one.tagId}`">
          <b>{{ one.item.tag }}</b>
        </NuxtLink>
        <span>{{ one.item.name }}<small :class="`state-${stateOf(one).mark}`">{{ stateOf(one).says }}</small></span>
        <FrameKey
          v-if="mayInspect && one.toDo.length > 0"
          :aria-expanded="open === one.tagId"
          @click="open = open === one.tagId ? null : one.tagId"
        >
          {{ says.look }} <span class="visually-hidden">{{ says.at(one.item.tag) }}</span>
        </FrameKey>
      </div>
      <KitInspect
        v-for="list in open === one.tagId ? one.toDo.slice(0, 1) : []"
        :key="list.id"
        :tag="one.item.tag"
        :list="list"
        @done="done"
      />
    </div>
    <p v-if="reading && here.length === 0" class="soft">
      {{ says.nothingOfTheKindIs }}
    </p>
    <FrameRefused :says="refused" />
    <KitBring
      v-if="session.may('assign-kit', { bayId: placed.bay.bayId, areaId: placed.bay.areaId })"
      :label="says.bringAThingHereBy"
      :to="{ to: 'bay', id: placed.bay.bayId }"
    />
  </section>
</template>

<style scoped>
.kit {
  display: grid;
  gap: var(--space-4);
}
h4 {
  font-weight: 800;
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
  margin-top: var(--space-2);
}
.findings {
  display: grid;
  gap: var(--space-3);
}
.findings .said {
  background: var(--bg);
}
.thing {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) auto;
  gap: var(--space-5);
  align-items: center;
  min-height: 60px;
  border-bottom: var(--line-thin) solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.thing b {
  font-weight: 900;
  font-size: var(--type-lead);
}
.thing span {
  font-weight: 650;
}
.thing small {
  display: block;
  font-size: var(--type-small);
  font-weight: 600;
}
.big {
  min-height: 68px;
  font-size: var(--type-lead);
}
.link {
  display: grid;
  place-items: center;
}
</style>
