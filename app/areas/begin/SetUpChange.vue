<script setup lang="ts">
import type { Area, Bay, Hall, SiteCommands } from '#core/streams/site/site'
import type { CommandPayloads } from '#core/streams/commands'
import { BAY_KINDS } from '#core/ids/vocabulary'
import { SITE_STREAM } from '#core/ids/streams'
import { sitePages } from '~/words/site'

const says = sitePages.change

/** A hall, an area or a bay called otherwise, moved, closed or used again. */
const { of } = defineProps<{ of: { readonly hall: Hall } | { readonly area: Area } | { readonly bay: Bay } }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const { send, refused, busy } = useSender()
const before = 'hall' in of ? of.hall : 'area' in of ? of.area : of.bay
const name = ref('label' in before ? before.label : before.name)
const within = ref('areaId' in before && 'label' in before ? before.areaId : 'hallId' in before ? before.hallId : '')
const kind = ref('kind' in before ? before.kind : 'designated')
const isClosed = computed(() => before.closed === true)
const hallNamed = (id: string) => facts.site.halls.find(({ hallId }) => hallId === id)?.name ?? id
const areaNamed = (id: string) => facts.site.areas.find(({ areaId }) => areaId === id)?.name ?? id
const inUse = <Place extends { readonly closed?: boolean }>(places: readonly Place[]) => places.filter(({ closed }) => !closed)
/** How many bays go with it when it closes. */
const goWith = computed(() => {
  const open = facts.site.bays.filter(({ closed }) => !closed)
  if ('bay' in of) return 0
  if ('area' in of) return open.filter(({ areaId }) => areaId === of.area.areaId).length
  return open.filter(({ areaId }) => facts.site.areas.find(one => one.areaId === areaId)?.hallId === of.hall.hallId).length
})

async function change<Type extends keyof SiteCommands>(type: Type, payload: CommandPayloads[Type]) {
  const sent = await send(type, { id: SITE_STREAM, expectedVersion: facts.reading?.versions.site ?? null }, payload)
  await facts.refresh()
  if (sent.ok) emit('done')
}
const title = computed(() => ('hall' in of ? says.hall(of.hall.name) : 'area' in of ? says.area(of.area.name) : says.bay(of.bay.label)))
function save(closed: boolean) {
  if ('hall' in of) return change('site.change-hall', { ...of.hall, name: name.value.trim(), closed })
  if ('area' in of) return change('site.change-area', { ...of.area, hallId: within.value, name: name.value.trim(), closed })
  return change('site.change-bay', { ...of.bay, areaId: within.value, label: name.value.trim(), kind: kind.value, closed })
}
</script>

<template>
  <FrameForm class="form change" :busy="busy" @send="save(isClosed)">
    <h2>{{ title }}</h2>
    <FrameText v-model="name" :label="says.called" :maxlength="'bay' in of ? 12 : 80" is-needed />
    <FrameSelect
      v-if="'area' in of"
      v-model="within"
      :label="says.inHall"
      :ids="inUse(facts.site.halls).map(({ hallId }) => hallId)"
      :named="hallNamed"
    />
    <template v-else-if="'bay' in of">
      <FrameSelect
        v-model="within"
        :label="says.inArea"
        :ids="inUse(facts.site.areas).map(({ areaId }) => areaId)"
        :named="areaNamed"
      />
      <FrameChoice v-model="kind" :label="says.kind" :ids="BAY_KINDS" :named="id => words.bayKinds[id]" />
    </template>
    <p v-if="!isClosed && goWith > 0" class="soft">
      {{ says.goWith(goWith) }}
    </p>
    <FrameRefused :says="refused" />
    <div class="keys">
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.save }}
      </FrameKey>
      <FrameAsk v-if="!isClosed" :asks="says.sure(title, goWith)" :does="says.close" :busy="busy" @done="save(true)">
        {{ says.close }}
      </FrameAsk>
      <FrameKey v-else :disabled="busy" @click="save(false)">
        {{ says.useAgain }}
      </FrameKey>
      <FrameKey look="bare" @click="emit('done')">
        {{ says.back }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.change {
  border: var(--line-heavy) solid var(--ink);
  background: var(--panel);
  padding: var(--space-6) var(--space-7);
  margin-bottom: var(--space-7);
}
</style>
