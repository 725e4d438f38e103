<script setup lang="ts">
/** How a key looks: one among others, the one to go on with, one seldom pressed, the plate that stops, or only what stands on it. */
export type KeyLook = 'plain' | 'go' | 'quiet' | 'stop' | 'bare'

/** Nuxt UI's names for them; what each is drawn with stands in `app.config`. */
const VARIANTS = { plain: 'outline', go: 'solid', quiet: 'ghost', stop: 'soft', bare: 'link' } as const

/**
 * What a gloved finger presses. A key that can be picked tells so; whoever gives it another role tells it in that role's own words.
 */
const { look = 'plain', picked = undefined, big = false } = defineProps<{ look?: KeyLook, picked?: boolean, big?: boolean }>()
const attrs = useAttrs()
const pressed = computed(() => (attrs.role === undefined && attrs['aria-current'] === undefined ? picked : undefined))
</script>

<template>
  <UButton :variant="VARIANTS[look]" :class="{ picked, big }" :aria-pressed="pressed">
    <slot />
  </UButton>
</template>
