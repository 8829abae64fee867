<script setup lang="ts">
import { computed, ref } from 'vue'
import { formatIn, unitFor, type Worked } from '@remigo/core'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'

/** A figure of a report: digits, unit, with `ranged` its range; a press opens its working. */
const props = defineProps<{ worked: Worked; size?: 'bench' | 'inline'; ranged?: boolean }>()
const view = useViewStore()
const { format } = useQuantities()
const root = ref<HTMLElement>()
const shown = computed(() => format(props.worked.value, props.worked.quantity))
const range = computed(() => {
  const { low, high, value, quantity } = props.worked
  if (!props.ranged || low === undefined || high === undefined) return ''
  const unit = unitFor(quantity, value, view.choice)
  const [from, to] = [low, high].map(end => formatIn(end, unit, view.choice).text)
  return from === to ? '' : `${from} to ${to}`
})
const open = () => (view.working = { worked: props.worked, anchor: root.value! })
</script>

<template>
  <button
    ref="root"
    type="button"
    class="worked"
    :class="size && `worked--${size}`"
    :aria-label="worked.label"
    @click="open"
  >
    <span class="digits">{{ shown.text }}</span><span class="unit">{{ shown.unit }}</span
    ><span v-if="range" class="range">{{ range }}</span>
  </button>
</template>

<style scoped>
.worked {
  font: inherit;
  text-align: left;
  text-decoration: underline dotted 1.25px;
  text-underline-offset: 3px;
  position: relative;
}
@media (pointer: coarse) {
  .worked::after {
    content: '';
    position: absolute;
    inset: -14px -6px;
  }
}
@media (max-width: 359px) {
  .worked {
    white-space: normal;
  }
}
.unit {
  margin-left: 4px;
}
.range {
  margin-left: 8px;
  color: var(--soft);
  font-weight: 400;
}
.worked--bench {
  font: 600 var(--lead-figure, 58px) / 1 var(--figures);
  text-decoration: none;
}
.worked--bench .unit {
  font-size: 30px;
  margin-left: 6px;
  font-weight: 500;
}
@media print {
  .worked {
    text-decoration: none;
  }
}
</style>
