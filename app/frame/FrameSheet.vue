<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.sheet

/** A sheet over the page: it keeps the keyboard while it is open, closes by Escape, and says what it is. */
const { title } = defineProps<{ title: string }>()
const isOpen = defineModel<boolean>({ required: true })
</script>

<template>
  <UModal v-model:open="isOpen" :title="title" :close="false">
    <template #content>
      <div class="laid-head">
        <h2>{{ title }}</h2>
        <FrameKey look="quiet" @click="isOpen = false">
          {{ says.close }}
        </FrameKey>
      </div>
      <slot />
    </template>
  </UModal>
</template>
