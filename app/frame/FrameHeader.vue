<script setup lang="ts">
import { framePages } from '~/words/frame'

const says = framePages.header
const session = useSession()
const links = computed(() => [
  { to: '/', label: says.floor, show: true },
  { to: '/air', label: says.air, show: true },
  { to: '/gas', label: says.gas, show: true },
  { to: '/kit', label: says.kit, show: true },
  { to: '/hot-work', label: says.hotWork, show: true },
  { to: '/people', label: says.people, show: session.may('manage-people') },
  { to: '/log', label: says.log, show: session.may('read-records') },
].filter(({ show }) => show))
const route = useRoute()
/** The day of the Floor: its bays, who comes to them, how it opens and closes. */
const OF_THE_FLOOR = /^\/(?:$|bay\/|opening|closing|door)/
const isHere = (to: string) => (to === '/' ? OF_THE_FLOOR.test(route.path) : route.path.startsWith(to))
</script>

<template>
  <header class="head">
    <div class="bar">
      <div class="mark">
        {{ says.zonaris }}<small>{{ session.site?.name }}</small>
      </div>
      <NuxtLink class="helplink" to="/help" prefetch-on="interaction" :aria-current="isHere('/help') ? 'page' : undefined">
        {{ says.help }}
      </NuxtLink>
      <FrameAccount class="account" />
      <FrameStop class="stop" />
    </div>
    <nav :aria-label="says.areas">
      <!-- Fetched when a finger comes near: the board itself is what must be quick. -->
      <NuxtLink v-for="{ to, label } in links" :key="to" :to="to" prefetch-on="interaction" :aria-current="isHere(to) ? 'page' : undefined">
        {{ label }}
      </NuxtLink>
    </nav>
    <div class="ask">
      <FrameCommandLine class="line" />
      <FrameNotices />
    </div>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 0 var(--space-3);
  min-height: 60px;
  padding-left: var(--space-7);
  border-bottom: var(--line-heavy) solid var(--ink);
  position: sticky;
  top: 0;
  z-index: 20;
  background: var(--bg);
}
/* One row on a wide screen: the bar's parts stand among the others. */
.bar {
  display: contents;
}
.mark {
  order: 1;
  font-weight: 900;
  font-size: var(--type-lead);
  line-height: 1.05;
  max-width: 104px;
}
.mark small {
  display: block;
  font-weight: 450;
  font-size: var(--type-fine);
  line-height: 1.1;
  color: var(--soft);
}
nav {
  order: 2;
  display: flex;
}
nav a {
  display: flex;
  align-items: center;
  min-height: 56px;
  padding: 0 var(--space-2);
  font-weight: 650;
  color: var(--soft);
  white-space: nowrap;
}
nav a[aria-current] {
  color: var(--ink);
  box-shadow: inset 0 -5px var(--ink);
}
.helplink {
  order: 4;
  display: grid;
  place-items: center;
  min-height: 56px;
  padding: 0 var(--space-3);
  font-weight: 850;
  color: var(--stop);
  text-decoration: underline;
  text-underline-offset: 4px;
}
.ask {
  order: 3;
  flex: 1 1 320px;
  min-width: 0;
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
.line {
  flex: 1 1 200px;
  min-width: 150px;
}
.account {
  order: 5;
}
.stop {
  order: 6;
}
/* What is asked keeps its room beside the longest thing told. */
@media (min-width: 1240px) {
  .line {
    min-width: 320px;
  }
}
@media (max-width: 460px) {
  .mark small {
    display: none;
  }
}
@media (max-width: 900px) {
  /* On a phone only the bar with Stop stays in sight. */
  .head {
    display: contents;
  }
  .bar {
    order: -3;
    display: flex;
    align-items: center;
    gap: var(--space-6);
    height: 60px;
    padding-left: var(--space-6);
    position: sticky;
    top: 0;
    z-index: 20;
    background: var(--bg);
    border-bottom: var(--line-heavy) solid var(--ink);
  }
  .account {
    margin-left: auto;
    min-width: 0;
    flex: 0 1 auto;
  }
  .stop {
    flex: none;
  }
  .helplink {
    padding: 0 var(--space-2);
  }
  nav {
    order: -2;
    overflow-x: auto;
    border-bottom: var(--line-thin) solid var(--rule);
    padding-left: var(--space-2);
  }
  .ask {
    order: -1;
    flex: none;
    margin: var(--space-4) var(--space-6);
  }
}
</style>
