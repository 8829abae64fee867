<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue'
import {
  ANSWER_FIELDS,
  FIELDS,
  HULL_TYPES,
  PROJECT_FIELDS,
  type DriveKind,
  type FirstDesign,
  type HullTypeId,
} from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { haveWords } from '~/messages/have'
import { readingWords } from '~/messages/readings'
import { useBoatsStore } from '~/stores/boats'
import { useCompact } from '~/composables/useCompact'
import { useFirstAnswers } from '~/composables/useFirstAnswers'
import { useUnitsByTyping } from '~/composables/useUnitsByTyping'
import { useViewStore } from '~/stores/view'
import { useStages } from '~/composables/useStages'
import { whenIdle } from '~/composables/whenIdle'
import ReadingSetup from '~/components/readings/ReadingSetup.vue'
import HaveField from '~/components/start/HaveField.vue'
import FirstSketch from '~/components/start/FirstSketch.vue'

const DemoBoats = defineAsyncComponent(() => import('~/components/start/DemoBoats.vue'))

const WhatTheyDo = defineAsyncComponent(() => import('~/components/use/WhatTheyDo.vue'))
const HaveList = defineAsyncComponent(() => import('~/components/start/HaveList.vue'))

/** Ten answers to a complete first design. */
const router = useRouter()
const boats = useBoatsStore()
const view = useViewStore()
const {
  name,
  hullType,
  drive,
  drives,
  typed,
  have,
  had,
  correct,
  madeWith,
  told,
  asksPack,
  setup,
  setSetup,
  massHolds,
  errors,
  fieldOf,
  nearOf,
  sketch,
  sketchDesign,
  show,
  check,
  writeOutUnits,
  typedByHand,
  checkHave,
  finish,
  clear,
} = useFirstAnswers()
const { stage } = useStages()
/** what lies below the first screen is drawn a frame later, the demo boats when there is time */
const below = computed(() => stage.value >= 1)
const drawn = computed(() => (below.value ? QUESTIONS.length : 0))
const idle = ref(false)
whenIdle(() => {
  idle.value = true
})
/** the question that has the caret: it is marked on the drawing */
const asked = ref('')
const followCaret = (event: FocusEvent) => {
  const field = (event.target as HTMLElement).closest<HTMLElement>('[data-question]')
  asked.value = field?.dataset.question ?? 'name'
}
const types = Object.fromEntries(HULL_TYPES.map(t => [t.id, t.label])) as Record<HullTypeId, string>
const driveWords = computed(
  () => Object.fromEntries(drives.value.map(d => [d, boardWords.boat.drives[d]])) as Record<DriveKind, string>,
)
/** the design so far, and what it does not use of what he has */
const design = shallowRef<FirstDesign | null>(null)
const left = computed(() => design.value?.left ?? [])
const compact = useCompact()
const failed = ref(false)
/** she is being designed: a second press makes no second boat */
const making = ref(false)
const QUESTIONS = [
  ['lengthOverAll', FIELDS['boat.lengthOverAll'].label],
  ['beam', FIELDS['boat.beam'].label],
  ['mass', FIELDS['boat.mass'].label],
  ['greatestDiameter', benchWords.start.propeller],
  ['oldEnginePower', benchWords.start.engine],
  ['cruiseSpeed', benchWords.start.cruise],
  ['duration', benchWords.start.hours],
] as const
/** Taken as usual where nothing is typed. */
const USUAL = [
  ['topSpeed', benchWords.start.top, ''],
  ['topTime', benchWords.start.topTime, FIELDS['use.topTime'].hint],
  ['houseLoad', FIELDS['use.houseLoad'].label, FIELDS['use.houseLoad'].hint],
] as const

/** units follow what is typed; a bare number was in those that stood there */
const {
  follow,
  back,
  told: unitsTold,
} = useUnitsByTyping(
  () => [
    ...typedByHand().map(q => ({ text: typed[q], quantity: FIELDS[ANSWER_FIELDS[q]].quantity })),
    ...have.value
      .split('\n')
      // a trolling motor's pull is printed in pounds everywhere
      .filter(line => !/thrust|pull|push|lbf/i.test(line))
      .flatMap(text => (['partMass', 'speed'] as const).map(quantity => ({ text, quantity }))),
  ],
  writeOutUnits,
)
function leave(question: keyof typeof ANSWER_FIELDS) {
  check(question)
  follow()
}
function takeMeant(question: keyof typeof ANSWER_FIELDS, meant: string) {
  typed[question] = meant
  leave(question)
}
function leaveHave() {
  checkHave()
  follow()
}

async function make() {
  if (making.value) return
  making.value = true
  const made = await finish().finally(() => {
    making.value = false
  })
  failed.value = !made
  if (!made) return
  await boats.add(made.project)
  clear()
  boats.notice = made.note
  await router.push('/sheet')
}
</script>

<template>
  <div class="page">
    <form class="start" novalidate data-start-form @submit.prevent="make" @focusin="followCaret">
      <h2>{{ benchWords.start.title }}</h2>
      <HaveField v-model="have" :error="errors.have" @left="leaveHave" />
      <template v-if="below">
        <HaveList v-if="had.length > 0" :have="had" :left="left" :bought="design?.bought ?? null" @correct="correct" />
        <WhatTheyDo v-if="compact && design && had.length > 0" :project="design.project" />
        <section v-if="told.length > 0" class="reading">
          <ChoiceField
            v-model="madeWith"
            :label="readingWords.readings.made"
            :options="readingWords.readings.madeAtStart"
            :columns="2"
            data-known-made
          />
          <ReadingSetup
            :setup="setup.made === 'asFitted' ? { ...setup, made: 'another' } : setup"
            :needs="{ early: true, pack: asksPack }"
            @change="setSetup"
          />
          <p v-if="asksPack && !setup.packKnown" class="small" role="status" data-known-pack>
            {{ readingWords.readings.packAtStart }}
          </p>
        </section>
      </template>
      <h3 class="section-head boat">{{ benchWords.start.boat }}</h3>
      <p class="small soft">{{ benchWords.start.lead }}</p>
      <p v-if="unitsTold" class="small" role="status" data-units-told>
        {{ haveWords.units[view.units.profile] }}
        <VBtn variant="plain" size="small" @click="back">
          {{ haveWords.otherUnits[view.units.profile] }}
        </VBtn>
      </p>
      <ol>
        <li>
          <label for="start-name"><span class="n">1</span>{{ benchWords.start.name }}</label
          ><VTextField id="start-name" v-model="name" data-question="name" maxlength="60" placeholder="My boat" />
        </li>
        <li>
          <span class="n">2</span
          ><ChoiceField v-model="hullType" :columns="2" :label="benchWords.start.hullType" :options="types" />
        </li>
        <li>
          <span class="n">3</span><ChoiceField v-model="drive" :label="benchWords.start.drive" :options="driveWords" />
        </li>
        <li
          v-for="([question, label], i) in QUESTIONS.slice(0, drawn)"
          :key="question"
          :class="{ wrong: errors[question] }"
        >
          <label :for="`start-${question}`"
            ><span class="n">{{ i + 4 }}</span
            >{{ question === 'greatestDiameter' && drive === 'jet' ? benchWords.start.impeller : label
            }}<small v-if="question === 'mass'" class="soft">{{ benchWords.start.weightHint }}</small></label
          >
          <VTextField
            :id="`start-${question}`"
            v-model="typed[question]"
            class="figures"
            :data-question="question"
            autocomplete="off"
            :placeholder="
              question === 'oldEnginePower' ? benchWords.start.none : `${benchWords.start.typical} ${show(question)}`
            "
            :aria-invalid="errors[question] ? 'true' : undefined"
            :aria-describedby="errors[question] ? `start-${question}-error` : undefined"
            @blur="leave(question)"
          />
          <ChoiceField
            v-if="question === 'mass'"
            v-model="massHolds"
            :label="PROJECT_FIELDS.boat.fields.massHolds.label"
            :options="boardWords.boat.massHolds"
          />
          <p v-if="errors[question]" :id="`start-${question}-error`" class="error" role="alert">
            {{ errors[question] }}
            <UnitMeant
              :field="fieldOf(question)"
              :text="typed[question]"
              :value="nearOf(question)"
              @take="takeMeant(question, $event)"
            />
          </p>
        </li>
      </ol>
      <section v-if="below" class="taken">
        <h3 class="section-head">{{ benchWords.start.taken }}</h3>
        <div v-for="[question, label, hint] in USUAL" :key="question" class="line" :class="{ wrong: errors[question] }">
          <label :for="`start-${question}`"
            >{{ label }}<small v-if="hint" class="soft">{{ hint }}</small></label
          >
          <VTextField
            :id="`start-${question}`"
            v-model="typed[question]"
            class="figures"
            :data-question="question"
            autocomplete="off"
            :placeholder="`${benchWords.start.typical} ${show(question)}`"
            :aria-invalid="errors[question] ? 'true' : undefined"
            :aria-describedby="errors[question] ? `start-${question}-error` : undefined"
            @blur="leave(question)"
          />
          <p v-if="errors[question]" :id="`start-${question}-error`" class="error" role="alert">
            {{ errors[question] }}
            <UnitMeant
              :field="fieldOf(question)"
              :text="typed[question]"
              :value="nearOf(question)"
              @take="takeMeant(question, $event)"
            />
          </p>
        </div>
        <p class="small soft">{{ benchWords.start.takenWords }}</p>
      </section>
      <div v-if="below" class="actions">
        <VBtn variant="flat" type="submit" data-make>{{ benchWords.start.go }}</VBtn>
        <VBtn to="/boat">{{ benchWords.start.back }}</VBtn>
        <p v-if="failed" class="error" role="alert">{{ benchWords.start.errors }}</p>
      </div>
    </form>
    <div class="beside">
      <FirstSketch
        :project="sketch"
        :asked="asked || 'name'"
        :design="sketchDesign"
        :told="told"
        :have="had"
        @sized="design = $event"
      />
    </div>
    <DemoBoats v-if="idle" class="below" />
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 680px) minmax(320px, 1fr);
  gap: 0 36px;
  max-width: 1240px;
  margin: 0 auto;
  padding: 16px 24px 40px;
}
.start {
  padding-bottom: 32px;
}
.beside {
  position: relative;
}
.beside > * {
  position: sticky;
  top: 16px;
}
.below {
  grid-column: 1 / -1;
}
@media (max-width: 899px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px 16px 32px;
  }
  .beside {
    order: -1;
    position: sticky;
    top: 0;
    z-index: 3;
    margin: -12px 0 14px;
  }
  .beside > * {
    position: static;
  }
}
h2 {
  font: 600 28px/32px var(--figures);
  margin-bottom: 4px;
}
ol {
  margin: 12px 0;
}
li {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px;
  gap: 2px 14px;
  align-items: center;
  padding: 5px 0 5px 34px;
  min-height: 46px;
  border-bottom: 0.75px solid var(--rule);
}
li > .choice {
  grid-column: 1 / -1;
}
.n {
  position: absolute;
  left: 0;
  top: 10px;
  width: 24px;
  height: 24px;
  border: 1.25px solid var(--ink);
  border-radius: 50%;
  display: grid;
  place-items: center;
  font: 600 13px var(--figures);
}
label {
  font-size: 15px;
}
.reading {
  padding: 8px 12px 4px;
  background: var(--band);
  border-block: 1px solid var(--ink);
}
.boat {
  margin-top: 14px;
}
.taken {
  margin: 4px 0 14px 34px;
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px;
  gap: 2px 14px;
  align-items: center;
  min-height: 46px;
}
small {
  display: block;
  font-size: 12px;
}
.error {
  grid-column: 1 / -1;
  color: var(--clash);
  font-size: 13px;
  line-height: 17px;
  padding-left: 16px;
  position: relative;
}
.error::before {
  content: '';
  position: absolute;
  left: 0;
  top: 4px;
  width: 10px;
  height: 10px;
  background: var(--clash);
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
@media (max-width: 520px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
