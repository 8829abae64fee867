<script setup lang="ts">
import { computed } from 'vue'
import { powerPaths, type OneLine } from '@remigo/core'
import { wiringWords } from '~/messages/wiring'
import { useQuantities } from '~/composables/useQuantities'

/** The one-line diagram for a narrow screen: each way of the power from top to bottom, one after another. */
const props = defineProps<{ diagram: OneLine }>()
const chosen = defineModel<string | null>({ required: true })
const { fill } = useQuantities()
const paths = computed(() => powerPaths(props.diagram))
</script>

<template>
  <div class="paths" data-paths>
    <ol v-for="(path, i) in paths" :key="i">
      <li v-if="path.leaves" class="soft join">{{ wiringWords.leaves(path.leaves.label) }}</li>
      <li v-for="step in path.steps" :key="step.device.id" class="step" :class="step.kind">
        <p v-if="step.cable" class="cable small">{{ fill(step.cable) }}</p>
        <button
          type="button"
          class="device"
          :class="{ on: chosen === step.device.id }"
          :aria-pressed="chosen === step.device.id"
          @click="chosen = step.device.id"
        >
          <svg width="28" height="28" viewBox="0 0 28 28" aria-hidden="true">
            <DeviceSymbol :kind="step.device.kind" />
          </svg>
          <span
            ><b>{{ step.device.label }}</b
            ><small>{{ step.device.lines.map(fill).join(', ') }}</small
            ><small v-if="step.tells.length" class="soft">{{
              wiringWords.tells(step.tells.map(d => d.label).join(', '))
            }}</small></span
          >
        </button>
      </li>
      <li v-if="path.joins" class="soft join">{{ wiringWords.joins(path.joins.label) }}</li>
    </ol>
  </div>
</template>

<style scoped>
.paths {
  background: var(--sheet);
  border: 0.75px solid var(--rule);
  padding: 10px;
}
ol + ol {
  margin-top: 16px;
  padding-top: 12px;
  border-top: 0.75px solid var(--rule);
}
/* the line that the power takes, from box to box */
.step + .step,
.join + .step {
  border-left: 2.5px solid var(--ink);
  margin-left: 24px;
  padding-top: 14px;
  position: relative;
}
.step + .step .device,
.join + .step .device {
  margin-left: -26.5px;
  width: calc(100% + 26.5px);
}
.step.phase {
  border-left-width: 4px;
}
.cable {
  position: absolute;
  top: -1px;
  left: 10px;
}
.device {
  display: flex;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 5px 10px 5px 8px;
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  text-align: left;
  color: var(--text);
}
.device svg {
  flex: none;
  color: var(--ink);
}
.device.on {
  background: var(--band);
  border-width: 2.5px;
}
b {
  display: block;
  font: 600 14px/18px var(--labels);
}
small {
  display: block;
  font-size: 12.5px;
  line-height: 16px;
  overflow-wrap: anywhere;
}
.join {
  font-size: 13px;
  line-height: 22px;
  padding-left: 8px;
}
</style>
