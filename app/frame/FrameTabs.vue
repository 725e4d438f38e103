<script setup lang="ts" generic="Id extends string">
/** Things of one sort of which somebody needs one at a time, side by side. What was typed in one stays while another is looked at. */
const { label, ids, named } = defineProps<{
  label: string
  ids: readonly Id[]
  named: (id: Id) => string
}>()
defineSlots<Partial<Record<Id, () => unknown>>>()
const items = computed(() => ids.map(id => ({ value: id, label: named(id), slot: id })))
</script>

<template>
  <UTabs
    :items="items"
    :default-value="ids[0]"
    :unmount-on-hide="false"
    :aria-label="label"
  >
    <template v-for="id in ids" :key="id" #[id]>
      <slot :name="id" />
    </template>
  </UTabs>
</template>
