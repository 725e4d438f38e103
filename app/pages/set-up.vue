<script setup lang="ts">
import type { CommandPayloads } from '#core/streams/commands'
import type { Area, Bay, Hall, SiteCommands } from '#core/streams/site/site'
import { BAY_KINDS } from '#core/ids/vocabulary'
import type { BayKindId } from '#core/ids/vocabulary'
import { wordId } from '#core/ids/word-id'
import type { TableColumnOf } from '~/frame/table'
import { makeUuid } from '~/stores/outbox'
import { SITE_STREAM } from '#core/ids/streams'
import { sitePages } from '~/words/site'

const says = sitePages.setUp

const facts = useFacts()
const { send, refused } = useSender()
const hallName = ref('')
const areaName = ref('')
const areaHall = ref('')
const hallNamed = (id: string) => facts.site.halls.find(({ hallId }) => hallId === id)?.name ?? id
const areaNamed = (id: string) => facts.site.areas.find(({ areaId }) => areaId === id)?.name ?? id
const bay = reactive<{ label: string, areaId: string, kind: BayKindId }>({ label: '', areaId: '', kind: 'designated' })
const openHalls = computed(() => facts.site.halls.filter(({ closed }) => !closed).map(({ hallId }) => hallId))
const openAreas = computed(() => facts.site.areas.filter(({ closed }) => !closed).map(({ areaId }) => areaId))
watchEffect(() => {
  if (!openHalls.value.includes(areaHall.value)) areaHall.value = openHalls.value[0] ?? ''
  if (!openAreas.value.includes(bay.areaId)) bay.areaId = openAreas.value[0] ?? ''
})

/** Ids are made from the words, so that the log can be read; a taken one gets a tail. */
function idFrom(text: string, taken: readonly string[]): string {
  const base = wordId(text, 'x')
  return taken.includes(base) ? `${base}-${makeUuid().slice(0, 6)}` : base
}

async function change<Type extends keyof SiteCommands>(type: Type, payload: CommandPayloads[Type]): Promise<boolean> {
  const sent = await send(type, { id: SITE_STREAM, expectedVersion: facts.reading?.versions.site ?? null }, payload)
  await facts.refresh()
  return sent.ok
}
const addHall = async () => {
  if (
    await change('site.add-hall', {
      hallId: idFrom(
        hallName.value,
        facts.site.halls.map(h => h.hallId),
      ),
      name: hallName.value,
    })
  )
    hallName.value = ''
}
const addArea = async () => {
  if (
    await change('site.add-area', {
      areaId: idFrom(
        areaName.value,
        facts.site.areas.map(a => a.areaId),
      ),
      hallId: areaHall.value,
      name: areaName.value,
    })
  )
    areaName.value = ''
}
const addBay = async () => {
  if (
    await change('site.add-bay', {
      bayId: idFrom(
        says.bay2(bay.label),
        facts.site.bays.map(b => b.bayId),
      ),
      areaId: bay.areaId,
      label: bay.label,
      kind: bay.kind,
    })
  ) {
    const next = Number(bay.label)
    bay.label = Number.isInteger(next) ? String(next + 1) : ''
  }
}
/** What is being changed: a hall, an area or a bay, by its id. */
const changing = shallowRef<{ readonly hall: Hall } | { readonly area: Area } | { readonly bay: Bay } | null>(null)
const changingKey = computed(() => JSON.stringify(changing.value))
const columns = computed<readonly TableColumnOf<Bay>[]>(() => [
  { id: 'bay', header: says.bay, said: ({ label }) => label, by: true },
  { id: 'area', header: says.area, said: ({ areaId }) => areaNamed(areaId), by: true },
  { id: 'kind', header: says.kind, said: ({ kind, closed }) => `${words.bayKinds[kind]}${closed ? says.closed : ''}`, by: true },
  { id: 'change', header: says.change, isHeard: true, place: 'end' },
])
</script>

<template>
  <main class="page">
    <h1>{{ says.setUp }}</h1>
    <p class="lead">
      {{ says.hallsHoldAreasAreasHold }}
    </p>
    <p>
      <NuxtLink class="steps" to="/first-steps">
        {{ says.stepByStep }}
      </NuxtLink>
    </p>
    <FrameRefused :says="refused" />
    <SetUpChange v-if="changing" :key="changingKey" :of="changing" @done="changing = null" />
    <div class="three">
      <FrameForm class="form" @send="addHall">
        <h2>{{ says.halls }}</h2>
        <p v-if="facts.site.halls.length === 0">
          {{ says.noneYet }}
        </p>
        <div v-else class="keys">
          <FrameKey v-for="hall in facts.site.halls" :key="hall.hallId" @click="changing = { hall }">
            {{ hall.name }}{{ hall.closed ? says.closed : '' }} <span class="visually-hidden">{{ says.change }}</span>
          </FrameKey>
        </div>
        <FrameText v-model="hallName" :label="says.anotherHall" maxlength="80" is-needed />
        <FrameKey type="submit">
          {{ says.addHall }}
        </FrameKey>
      </FrameForm>
      <FrameForm class="form" @send="addArea">
        <h2>{{ says.areas }}</h2>
        <p v-if="facts.site.areas.length === 0">
          {{ says.noneYet }}
        </p>
        <div v-else class="keys">
          <FrameKey v-for="area in facts.site.areas" :key="area.areaId" @click="changing = { area }">
            {{ area.name }}{{ area.closed ? says.closed : '' }} <span class="visually-hidden">{{ says.change }}</span>
          </FrameKey>
        </div>
        <FrameText v-model="areaName" :label="says.anotherArea" maxlength="80" is-needed />
        <FrameSelect v-model="areaHall" :label="says.inHall" :ids="openHalls" :named="hallNamed" />
        <FrameKey type="submit">
          {{ says.addArea }}
        </FrameKey>
      </FrameForm>
      <FrameForm class="form" @send="addBay">
        <h2>{{ says.bays }}</h2>
        <FrameText v-model="bay.label" :label="says.numberOrName" maxlength="12" is-needed />
        <FrameSelect v-model="bay.areaId" :label="says.inArea" :ids="openAreas" :named="areaNamed" />
        <FrameSelect v-model="bay.kind" :label="says.kind" :ids="BAY_KINDS" :named="kind => words.bayKinds[kind]" />
        <FrameKey type="submit">
          {{ says.addBay }}
        </FrameKey>
      </FrameForm>
    </div>
    <FrameTable
      v-if="facts.site.bays.length > 0"
      is-found
      :columns="columns"
      :rows="facts.site.bays"
      :name="says.bays"
      :key-of="({ bayId }) => bayId"
    >
      <template #bay="{ row }">
        <b>{{ row.label }}</b>
      </template>
      <template #change="{ row }">
        <FrameKey @click="changing = { bay: row }">
          {{ says.change }} <span class="visually-hidden">{{ says.bay2(row.label) }}</span>
        </FrameKey>
      </template>
    </FrameTable>
    <FrameDeviceKeys />
  </main>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: var(--space-9);
  align-items: start;
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-6);
  margin-bottom: var(--space-9);
}
.steps { min-height: 56px; display: inline-flex; align-items: center; font-weight: 750; text-decoration: underline; }
.end {
  text-align: right;
}
</style>
