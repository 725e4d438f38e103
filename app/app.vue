<script setup lang="ts">
import { portalTargetInjectionKey } from '@nuxt/ui/composables/usePortal'
import { ConfigProvider } from 'reka-ui'

/**
 * What Nuxt UI's own frame gives its parts, without its toasts, tooltips and overlays that are opened by code: nothing here uses them, and
 * they are a sixtieth of the first load.
 */
provide(portalTargetInjectionKey, ref('body'))
const uniqueId = () => useId()
</script>

<template>
  <ConfigProvider :use-id="uniqueId">
    <NuxtLayout>
      <NuxtPage />
    </NuxtLayout>
  </ConfigProvider>
</template>
