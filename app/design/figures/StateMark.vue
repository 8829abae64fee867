<script setup lang="ts">
/**
 * The four states by shape: circle with tick, triangle with bar, square with cross, dashed ring; its place alone while
 * the state is not known.
 */
defineProps<{ state?: 'stop' | 'caution' | 'note' | 'fits'; size?: number }>()
</script>

<template>
  <svg
    class="mark"
    :class="`mark--${state}`"
    :width="size ?? 15"
    :height="size ?? 15"
    viewBox="0 0 16 16"
    aria-hidden="true"
  >
    <template v-if="state === 'fits'">
      <circle cx="8" cy="8" r="7.5" class="body" />
      <path d="m4.400 8.300 2.500 2.500 4.700-5.200" class="sign" />
    </template>
    <template v-else-if="state === 'caution'">
      <path d="M8 .8 15.700 15H.3Z" class="body" />
      <path d="M8 5.500v4.800M8 12v1.600" class="sign" />
    </template>
    <template v-else-if="state === 'stop'">
      <path d="M.8.8h14.400v14.400H.8Z" class="body" />
      <path d="m4.700 4.700 6.600 6.600m0-6.600-6.600 6.600" class="sign" />
    </template>
    <circle v-else-if="state === 'note'" cx="8" cy="8" r="6.600" class="ring" />
  </svg>
</template>

<style scoped>
.mark {
  flex: none;
}
.sign {
  fill: none;
  stroke: var(--on-state);
  stroke-width: 1.9;
}
.mark--fits .body {
  fill: var(--fits);
}
.mark--caution .body {
  fill: var(--tight);
}
.mark--stop .body {
  fill: var(--clash);
}
.ring {
  fill: none;
  stroke: var(--soft);
  stroke-width: 1.6;
  stroke-dasharray: 3 2.2;
}
</style>
