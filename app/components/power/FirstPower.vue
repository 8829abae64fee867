<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { mdiLockOutline } from '@mdi/js'
import { powerAsItStands, powerCsv, WRITERS, type PowerGroup, type PowerReading } from '@remigo/core'
import { powerWords as words } from '~/messages/firstPower'
import { download, fileOf } from '~/files/download'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'

/** The first power-up in the order of danger: what is read, what is accepted, what is locked. */
const document = useDocumentStore()
const { text } = useQuantities()
const library = useLibraryStore()
const power = computed(() => powerAsItStands(document.shown, library.library))
const who = ref<PowerReading['who']>('owner')
/** the group that the hand opened; else the one in which the next step is */
const opened = ref<PowerGroup | null>(null)
watch(
  () => document.project.id,
  () => (opened.value = null),
)
const here = computed(() => opened.value ?? power.value.next?.group ?? 'firstTrip')
const openStep = ref<string | null>(null)

const lockedWhy = (after: PowerGroup | null, clashed: boolean) => {
  if (after === null && clashed) return words.clashed
  const group = power.value.groups.find(g => g.id === after)
  return group ? words.opens(words.groups[group.id], group.steps.length - group.done) : ''
}
const dots = computed(() =>
  power.value.groups.map(g => g.steps.map(s => ({ id: s.step.id, state: s.state, next: s.step === power.value.next }))),
)
const csv = () => download(fileOf(document.shown, 'first-power.csv'), powerCsv(document.shown, power.value), 'text/csv')
const print = () => window.print()
</script>

<template>
  <div class="power" data-first-power>
    <div class="power__main">
      <div class="lead">
        <p class="figure" data-power-done>
          {{ power.done }}<span>{{ words.of(power.total) }}</span>
        </p>
        <div>
          <p class="prose">
            <strong data-power-next>{{ power.next ? words.next(power.next.title) : words.all }}</strong>
          </p>
          <p class="dots" aria-hidden="true">
            <span v-for="(g, i) in dots" :key="i"
              ><i v-for="d in g" :key="d.id" :class="[d.state, { next: d.next }]"
            /></span>
          </p>
        </div>
      </div>
      <section
        v-for="(g, n) in power.groups"
        :key="g.id"
        class="group"
        :class="{ here: here === g.id }"
        :aria-label="words.groups[g.id]"
        :data-power-group="g.id"
      >
        <VBtn variant="plain" class="head" :aria-expanded="here === g.id" @click="opened = g.id">
          <b>{{ n + 1 }}</b>
          <span>{{ words.groups[g.id] }}</span>
          <em v-if="g.locked"
            ><svg width="14" height="14" viewBox="0 0 24 24" aria-hidden="true">
              <path :d="mdiLockOutline" fill="currentColor" />
            </svg>
            {{ lockedWhy(g.after, g.clashed) }}</em
          ><em v-else>{{ words.done(g.done, g.steps.length) }}</em>
        </VBtn>
        <ul class="steps" :class="{ shut: here !== g.id }">
          <PowerStep
            v-for="s in g.steps"
            :key="s.step.id"
            :line="s"
            :locked="g.locked && !(s.step.clash && g.after === null)"
            :next="s.step === power.next"
            :chosen="openStep === s.step.id"
            :who="who"
            @toggle="openStep = openStep === s.step.id ? null : s.step.id"
          />
        </ul>
      </section>
      <p class="sign only-print">{{ words.sign }}</p>
      <div class="foot no-print">
        <span>{{ words.writtenBy }}</span>
        <span class="choice" role="group" :aria-label="words.writtenBy"
          ><VBtn
            v-for="w in WRITERS"
            :key="w"
            :variant="who === w ? 'flat' : 'outlined'"
            :aria-pressed="who === w"
            @click="who = w"
          >
            {{ words.who[w] }}
          </VBtn></span
        >
        <span class="small soft">{{ words.clock }}</span>
        <span class="room" />
        <VBtn data-power-csv @click="csv">{{ words.csv }}</VBtn><VBtn @click="print">
          {{ words.print }}
        </VBtn>
      </div>
    </div>
    <div class="power__side">
      <CellGrid v-for="kind in ['rest', 'load'] as const" :key="kind" :kind="kind" />
      <section class="danger" data-live>
        <h2>{{ words.live[power.live] }}</h2>
        <p>{{ words.caution(text(power.shortCircuit, 'current')) }}</p>
        <p class="small">{{ words.ashore }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.power {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 248px;
  gap: 16px;
  padding: 16px;
}
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 20px;
  align-items: end;
  margin-bottom: 10px;
}
.figure {
  font: 600 58px/58px var(--figures);
  border-bottom: 2px dotted var(--text);
  padding-bottom: 6px;
}
.figure span {
  font-size: 30px;
  font-weight: 500;
  margin-left: 8px;
}
.lead strong {
  font-size: 17px;
}
.dots {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 8px;
  margin-top: 6px;
}
.dots span {
  display: flex;
  gap: 2px;
}
.dots i {
  width: 8px;
  height: 12px;
  border: 1.25px solid var(--ink);
}
.dots .fits,
.dots .tight,
.dots .overridden {
  background: var(--ink);
}
.dots .stop {
  background: var(--clash);
}
.dots .next {
  height: 17px;
  margin-top: -5px;
}
.group {
  border-top: 1px solid var(--ink);
}
.head {
  display: grid;
  grid-template-columns: 28px minmax(0, auto) minmax(0, 1fr);
  gap: 6px;
  align-items: center;
  width: 100%;
  min-height: 40px;
  text-align: left;
  font-size: 14.5px;
}
.head b {
  font-family: var(--figures);
}
.head em {
  font-style: normal;
  text-align: right;
  font-size: 13px;
}
.head em svg {
  vertical-align: -2px;
}
.here > .head {
  background: var(--ink);
  color: var(--sheet);
  font-weight: 600;
  padding: 0 8px;
  margin: 0 -8px;
  width: calc(100% + 16px);
}
.here > .head em {
  font-weight: 400;
}
.steps.shut {
  display: none;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
  border-top: 1px solid var(--ink);
  padding-top: 10px;
}
.choice {
  display: flex;
}
.foot .room {
  flex: 1;
}

.danger {
  border: 1.25px solid var(--ink);
  background: var(--sheet);
  padding: 10px 12px;
  font-size: 13.5px;
  line-height: 18px;
}
.danger h2 {
  font: 600 15px/19px var(--labels);
  margin-bottom: 4px;
}
.only-print {
  display: none;
}
@media (max-width: 1099px) {
  .power {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 620px) {
  .head {
    grid-template-columns: 28px minmax(0, 1fr);
  }
  .head em {
    grid-column: 2;
    text-align: left;
    padding-bottom: 6px;
  }
}
@media print {
  .power {
    display: block;
    padding: 0;
  }
  .steps.shut {
    display: block;
  }
  .group {
    break-inside: avoid-page;
  }
  .only-print {
    display: block;
    white-space: pre;
    margin-top: 48px;
    border-top: 1px solid var(--ink);
    padding-top: 4px;
  }
}
</style>
