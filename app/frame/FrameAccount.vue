<script setup lang="ts">
const session = useSession()
const root = useTemplateRef('root')
const { isOpen, toggle, close } = useSheet(root)
</script>

<template>
  <div ref="root" class="account" @keydown.escape="close">
    <FrameKey look="bare" class="who" :aria-expanded="isOpen" @click="toggle">
      <span class="name chalk">{{ session.person?.name }}</span>
    </FrameKey>
    <LazyFrameAccountSheet v-if="isOpen" />
  </div>
</template>

<style scoped>
.account {
  position: relative;
}
.who {
  min-height: 56px;
  max-width: min(140px, 100%);
  padding: 0 var(--space-3);
  background: none;
  border: 0;
  cursor: pointer;
  text-align: left;
}
.name {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 1px;
}
</style>
