<script setup lang="ts">
import type { DeviceKind } from '@remigo/core'

/** The symbol of a device, 26 px square, drawn with the pen of the board. */
defineProps<{ kind: DeviceKind }>()
const PATHS: Record<DeviceKind, string> = {
  battery: 'M13 1V8M4 8H22M9 12H17M4 16H22M9 20H17M13 20V25',
  fuse: 'M13 1V25M8 5H18V21H8Z',
  switch: 'M13 1V8L20 18M13 18V25',
  contactor: 'M9 1V8L15 18M9 18V25M18 9H25V17H18ZM15 13H18',
  resistor: 'M13 1V6M9 6H17V20H9ZM13 20V25',
  stop: 'M5 12H21M5 12A8 8 0 0 1 21 12M13 12V20M7 20H19',
  shunt: 'M13 1V8M8 8H18V18H8ZM13 18V25M18 11H24M18 15H24',
  controller: 'M3 3H23V23H3ZM3 23L23 3M6 8H12M15 19C16.500 15 18 22 20 18',
  motor: 'M13 2A11 11 0 1 1 12.9 2ZM8 18V9L13 15L18 9V18',
  guard: 'M13 2L23 6V13C23 19 18 23 13 25C8 23 3 19 3 13V6ZM8 13L12 17L18 9',
  converter: 'M3 3H23V23H3ZM3 23L23 3M6 8H12M15 17H21M15 20H21',
  load: 'M13 3A10 10 0 1 1 12.9 3ZM6 6L20 20M20 6L6 20',
  watch: 'M3 3H23V23H3ZM7 18H10C6 13 8 7 13 7C18 7 20 13 16 18H19',
  charger: 'M3 3H23V23H3ZM3 23L23 3M6 9C7.500 5 9 12 11 8M15 19H21',
  inlet: 'M13 2A11 11 0 1 1 12.9 2ZM9 11V15M17 11V15M13 17V20',
  relay: 'M4 8H22V18H4ZM4 18L22 8',
  bus: 'M2 11H24V15H2ZM7 4V11M19 4V11M13 15V23',
  panel: 'M4 5H22V21H4ZM4 13H22M10 5V21M16 5V21',
  regulator: 'M3 3H23V23H3ZM7 17L11 12L15 14L20 8M16 8H20V12',
  generator: 'M13 2A11 11 0 1 1 12.9 2ZM17 10A5 5 0 1 0 18 14H14',
  isolator: 'M3 13H8M18 13H23M8 8L14 13L8 18ZM18 8V18',
}
</script>

<template>
  <path :d="PATHS[kind]" class="symbol" />
</template>

<style scoped>
.symbol {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.5;
  stroke-linejoin: round;
}
</style>
