<script setup lang="ts">
import { partPages } from '~/words/parts'

const says = partPages.table

/**
 * What stands over a list that is no table: found by typing, sorted by what its rows say, and whatever else is done with all of it. One
 * line of keys until somebody wants more: the list comes first.
 */
const { count, found, sorts } = defineProps<{
  count: number
  found: number
  /** By what it may be sorted, each with its name. */
  sorts: readonly { readonly id: string, readonly header: string, readonly by?: unknown }[]
}>()
const sought = defineModel<string>('sought', { required: true })
const sortedBy = defineModel<string>('sortedBy', { required: true })
const isDown = defineModel<boolean>('isDown', { required: true })
const isOpen = ref(false)
const may = computed(() => sorts.filter(({ by }) => by !== undefined))
const named = (id: string) => sorts.find(one => one.id === id)?.header ?? id
/** Closed, it hides nothing: the list stands as it comes again. */
function toggle() {
  isOpen.value = !isOpen.value
  if (isOpen.value) return
  sought.value = ''
  sortedBy.value = ''
  isDown.value = false
}
</script>

<template>
  <div class="list-bar only">
    <div class="line">
      <FrameKey v-if="count > 8" look="quiet" :aria-expanded="isOpen" @click="toggle">
        {{ isOpen ? says.allOfIt : says.findAndSort }}
      </FrameKey>
      <slot />
    </div>
    <div v-if="isOpen" class="line fields">
      <FrameText
        v-model="sought"
        class="sought"
        type="search"
        maxlength="80"
        :label="says.find"
        :hint="sought ? says.shownOf(found, count) : ''"
      />
      <FrameSelect
        v-model="sortedBy"
        class="by"
        :label="says.sortedBy"
        :ids="may.map(({ id }) => id)"
        :named="named"
        :none="says.asItComes"
      />
      <FrameKey v-if="sortedBy" @click="isDown = !isDown">
        {{ isDown ? says.downwards : says.upwards }}
      </FrameKey>
    </div>
  </div>
</template>

<style scoped>
.line { display: flex; flex-wrap: wrap; gap: 0 var(--space-6); align-items: center; margin-left: calc(-1 * var(--space-6)); }
.fields { margin-left: 0; }
.sought { flex: 1 1 180px; max-width: 360px; }
.by { flex: 1 1 200px; max-width: 300px; }
</style>
