<script setup lang="ts">
import { computed } from 'vue'
import { edit, LEAST_REASON, withReading, type PowerReading, type PowerStepState } from '@remigo/core'
import { powerWords as words } from '~/messages/firstPower'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { isoMinute, momentText } from '~/design/times'

/** One step of the first power-up: what is read and what is accepted; opened, why and where to look. */
const { line, who } = defineProps<{
  line: PowerStepState
  locked: boolean
  next: boolean
  chosen: boolean
  who: PowerReading['who']
}>()
const emit = defineEmits<{ toggle: [] }>()
const document = useDocumentStore()
const { text } = useQuantities()

const write = (change: Partial<PowerReading>) =>
  document.edit(words.read(line.step.title), [
    edit('yard.readings', withReading(document.shown, line.step.id, { who, at: isoMinute(), ...change })),
  ])
const takeBack = () =>
  document.edit(words.takeBack, [
    edit(
      'yard.readings',
      document.shown.yard.readings.filter(r => r.step !== line.step.id),
    ),
  ])
const show = (value: number) => text(value, line.step.quantity!)
const accepted = computed(() => {
  const { quantity, low, high } = line.step
  if (quantity === null) return ''
  const of = (value: number) => text(value, quantity)
  if (low === null) return words.atMost(of(high!))
  return high === null ? words.atLeast(of(low)) : words.accepted(of(low), of(high))
})
/** by how much the volts are outside, and whose window ends there */
const over = computed(() => {
  const { low, high, meets } = line.step
  if (!meets || line.value === null || line.state !== 'stop' || low === null || high === null) return ''
  const above = line.value > high,
    by = above ? meets.topBy : meets.footBy,
    name = by.name.charAt(0).toUpperCase() + by.name.slice(1)
  return above
    ? words.tooMuch(show(line.value - high), name, show(meets.top))
    : words.tooLittle(show(low - line.value), name, show(meets.foot))
})
const MARKS = {
  open: 'note',
  fits: 'fits',
  tight: 'caution',
  stop: 'stop',
  overridden: 'caution',
  locked: 'note',
} as const
const mark = computed(() => MARKS[line.state])
/** a word is no reason: how many letters are still wanted */
const passedHint = computed(() => {
  const left = LEAST_REASON - (line.reading?.why.trim().length ?? 0)
  return line.reading?.why && left > 0 ? words.passedShort(left) : words.passedHint
})
</script>

<template>
  <li :class="[line.state, { chosen, next }]" :data-power-step="line.step.id">
    <div class="row">
      <VBtn variant="plain" class="what" :aria-expanded="chosen" @click="emit('toggle')">
        <span>{{ line.step.title }}</span>
        <small>{{
          line.reading?.at ? words.by(words.who[line.reading.who], momentText(line.reading.at)) : line.step.by
        }}</small>
      </VBtn>
      <span v-if="line.step.clash" class="tick">{{ words.byClash }}</span>
      <template v-else-if="line.step.cells"
        ><span class="read">{{ line.value === null ? '–' : show(line.value) }}</span
        ><span class="range">{{ accepted }}</span></template
      ><template v-else-if="line.step.quantity"
        ><PowerInput
          class="read"
          :label="line.step.title"
          :quantity="line.step.quantity"
          :value="line.value"
          :disabled="locked"
          @change="write({ value: $event, done: $event !== null })"
        /><span class="range">{{ accepted }}</span></template
      ><VCheckboxBtn
        v-else
        class="tick"
        :model-value="line.reading?.done ?? false"
        :disabled="locked"
        :aria-label="words.tick(line.step.title)"
        @update:model-value="write({ done: $event })"
      />
      <span class="state" :class="mark"><StateMark :state="mark" :size="15" /> {{ words.states[line.state] }}</span>
    </div>
    <p v-if="line.state === 'overridden'" class="passed" data-passed>{{ words.passed(line.reading!.why) }}</p>
    <div v-if="chosen || line.state === 'stop'" class="more">
      <p v-if="over" class="over">
        <StateMark state="stop" :size="15" />
        <span
          ><b>{{ over }}</b> {{ line.step.stop }}</span
        >
      </p>
      <WindowBars v-if="line.step.windows" :step="line.step" :value="line.value" />
      <p v-if="line.step.why && !line.step.windows">
        {{ line.step.clash ? line.step.why : words.why(line.step.why) }}
      </p>
      <p>{{ words.look(line.step.look) }}</p>
      <p v-if="line.step.licensed">
        <b>{{ words.licensed }}</b>
      </p>
      <CellVolts v-if="line.step.cells" :kind="line.step.cells" />
      <WordField
        class="why"
        :label="`${words.passedBecause}: ${passedHint}`"
        :value="line.reading?.why ?? ''"
        :most="300"
        :data-power-why="line.step.id"
        :disabled="locked"
        @change="write({ why: $event })"
      />
      <WordField
        class="why"
        :label="words.note"
        :value="line.reading?.note ?? ''"
        :most="300"
        @change="write({ note: $event })"
      />
      <TaskPhotos :task="`power/${line.step.id}`" />
      <VBtn v-if="line.reading" @click="takeBack()">{{ words.takeBack }}</VBtn>
    </div>
  </li>
</template>

<style scoped>
li {
  border-top: 0.75px solid var(--rule);
}
li.next {
  background: var(--band);
  margin: 0 -8px;
  padding: 0 8px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 92px 108px 84px;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.what {
  text-align: left;
  font-size: 14px;
  line-height: 18px;
  padding: 4px 0;
}
.what small {
  display: block;
  color: var(--text);
  font-size: 12px;
}
.read {
  text-align: right;
  font-family: var(--figures);
}
.range {
  font-size: 12.5px;
  line-height: 15px;
}
.tick {
  grid-column: 2 / 4;
  justify-self: start;
  min-height: max(40px, var(--touch));
}
.state {
  display: flex;
  gap: 5px;
  align-items: center;
  font-size: 13px;
}
.state.fits {
  color: var(--fits);
}
.state.caution {
  color: var(--tight);
}
.state.stop {
  color: var(--clash);
  font-weight: 600;
}
/* on the band red words are too faint: the mark says it */
.next .state,
.next .over {
  color: var(--text);
}
.more {
  padding: 2px 0 12px 12px;
  font-size: 13.5px;
}
.passed {
  padding: 0 0 6px 12px;
  font-size: 13px;
}
.over {
  display: flex;
  gap: 6px;
  color: var(--clash);
}
.more p {
  margin-bottom: 4px;
  max-width: 64ch;
}
.why {
  margin: 6px 0;
  max-width: 480px;
}
@media (max-width: 620px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .what {
    grid-column: 1 / -1;
  }
  .range {
    justify-self: start;
  }
  .read {
    justify-self: start;
    width: 124px;
  }
  .tick {
    grid-column: 1;
  }
}
</style>
