<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.form

/** A labelled line of text. What a browser should know of it (how it is typed, what it may offer) is told as on a plain line. */
defineOptions({ inheritAttrs: false })
const { label, hint = '', wrong = '', lacks = '', isNeeded = false, isHeard = false, name = undefined } = defineProps<{
  label: string
  hint?: string
  wrong?: string | null
  /** Its form cannot be sent without it. */
  isNeeded?: boolean
  /** What it lacks besides, before its form can be sent. */
  lacks?: string
  /** Its label is said to whoever listens alone. */
  isHeard?: boolean
  name?: string
}>()
const text = defineModel<string>({ required: true })
const attrs = useAttrs()
/** Where it stands is told to the field; everything else to the line in it. */
const ofLine = computed(() => ({ ...attrs, class: undefined }))
</script>

<template>
  <FrameField
    v-slot="{ id, describedBy }"
    :class="attrs.class"
    :label="label"
    :hint="hint"
    :wrong="wrong"
    :lacks="isNeeded && text.trim() === '' ? says.needed : lacks"
    :is-heard="isHeard"
    :name="name"
  >
    <UInput :id="id" v-model="text" :aria-describedby="describedBy" v-bind="ofLine" />
  </FrameField>
</template>
