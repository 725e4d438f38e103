<script setup lang="ts">
import { kitItemStream } from '#core/ids/streams'

/** Who was told that a thing is out: told means seen, otherwise not yet. */
const { tagId, tag } = defineProps<{ tagId: string, tag: string }>()
const lookup = useLookup()
const { reading } = useReading('items/{tag}', () => ({ tag: tagId }), among(kitItemStream(tagId), 'notice/'))
const { time } = useDates()
const notice = computed(() => reading.value?.notices[0] ?? null)
</script>

<template>
  <section class="said is-stop" role="status">
    <p><b>{{ tag }} is tagged out</b> on every screen.</p>
    <p v-if="notice">
      Told:
      <template v-for="({ personId }, index) in notice.to" :key="personId">
        {{ index > 0 ? '; ' : '' }}{{ lookup.names.get(personId) ?? personId }},
        <b>{{ notice.seenAt[personId] ? `seen ${time(notice.seenAt[personId]!)}` : 'not yet seen' }}</b>
      </template>.
    </p>
  </section>
</template>
