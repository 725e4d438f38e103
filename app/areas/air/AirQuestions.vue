<script setup lang="ts">
/** Questions that every shop argues about, answered by the rules behind them. */
const q = useQuantities()
const QUESTIONS = computed(
  () =>
    [
      {
        asked: 'The hood 18 to 20 inches over the arc, or a hand\'s width beside it?',
        answer: `Both, each in its place. Over a hot plume in calm air a hood only has to stand in the way: its mouth covers the rising fume and outdraws it, at ${q.value.reach(0.5)} too. Beside the arc it has to bend the plume, and its pull falls with the square of the distance: past about one mouth width it does nothing. Overhead fails in a draught, over cold fume, for vertical and overhead welds, and when the head leans into the column. Open a bay to see its own window.`,
      },
      {
        asked: 'A fan at the open door?',
        answer:
          'It helps when the air goes out and away from the face. Blown across the bays it leans every plume out of its hood and takes the shield gas. Raise the draught in a bay\'s what-if to see both.',
      },
      {
        asked: 'Galvanised: grind it off first?',
        answer: `Yes, at least ${q.value.length(25)} on each side and both faces, where it must be stripped at all. Grinding makes zinc dust, which is far less harmful than the fume of the arc, but it is still dust: extraction on, and at least a P2 or N95 mask. Never acid: it leaves residue and makes gas.`,
      },
      {
        asked: 'Under the legal limit: is that safe?',
        answer:
          'Not by itself. US law has no limit for total fume, and its ceiling for manganese is decades old. Welding fume causes lung cancer: as little as can be. This is why a site may choose a stricter basis and acts at a fraction of it.',
      },
    ] as const,
)
</script>

<template>
  <section class="questions">
    <h2>Open a bay</h2>
    <p class="soft">
      See the way of its fume from the arc to the lung, where its hood does and does not work, and what would help.
    </p>
    <dl>
      <template v-for="{ asked, answer } in QUESTIONS" :key="asked">
        <dt>{{ asked }}</dt>
        <dd>{{ answer }}</dd>
      </template>
    </dl>
    <p class="soft">
      Zonaris advises; your local code, a hygienist and licensed practice decide.
    </p>
  </section>
</template>

<style scoped>
.questions { display: grid; gap: 10px; max-width: 68ch; }
dt { font-weight: 800; font-size: 18px; border-top: 2px solid var(--ink); padding-top: 8px; }
dd { padding: 4px 0 14px; }
</style>
