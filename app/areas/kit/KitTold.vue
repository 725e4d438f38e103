<script setup lang="ts">
import { kitItemStream } from '#core/ids/streams'
import { kitPages } from '~/words/kit'

const says = kitPages.told

/** Who was told that a thing is out: told means seen, otherwise not yet. */
const { tagId, tag } = defineProps<{ tagId: string, tag: string }>()
const lookup = useLookup()
const { reading } = useReading('items/{tag}', () => ({ tag: tagId }), among(kitItemStream(tagId), 'notice/'))
const { time } = useDates()
const notice = computed(() => reading.value?.notices[0] ?? null)
</script>

<template>
  <section class="said is-stop" role="status">
    <p><b>{{ says.isTaggedOut(tag) }}</b> {{ says.onEveryScreen }}</p>
    <p v-if="notice">
      {{ says.told }}
      <template v-for="({ personId }, index) in notice.to" :key="personId">
        {{ index > 0 ? '; ' : '' }}{{ lookup.names.get(personId) ?? personId }},
        <b>{{ notice.seenAt[personId] ? says.seen(time(notice.seenAt[personId]!)) : says.notYetSeen }}</b>
      </template>.
    </p>
  </section>
</template>
