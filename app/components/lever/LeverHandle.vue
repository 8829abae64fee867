<script setup lang="ts">
import { vLive } from '~/directives/live'

/** A lever’s handle with its speed: upright it points right, at the scale; lying, up. A ring while keys move it. */
defineProps<{ speed: () => string; symbol: string; ring: boolean; lying?: boolean }>()
</script>

<template>
  <div class="handle" :class="{ lying, ring }" data-covers aria-hidden="true">
    <span v-live="speed" class="digits" /><span class="symbol">{{ symbol }}</span>
  </div>
</template>

<style scoped>
.handle {
  --outline: polygon(0 0, 84% 0, 100% 50%, 84% 100%, 0 100%);
  position: absolute;
  width: 104px;
  height: 36px;
  padding-left: 9px;
  contain: strict;
  clip-path: var(--outline);
  background: var(--signal);
  color: var(--on-signal);
  font: 600 26px/38px var(--figures);
  white-space: nowrap;
  pointer-events: none;
}
.symbol {
  margin-left: 3px;
  font-size: 14px;
  font-weight: 500;
}
.ring::before {
  content: '';
  position: absolute;
  inset: 0;
  background: var(--on-signal);
  clip-path: polygon(
    evenodd,
    0 0,
    84% 0,
    100% 50%,
    84% 100%,
    0 100%,
    0 0,
    2.5px 2.5px,
    calc(84% - 1px) 2.5px,
    calc(100% - 3.5px) 50%,
    calc(84% - 1px) calc(100% - 2.5px),
    2.5px calc(100% - 2.5px),
    2.5px 2.5px
  );
}
.lying {
  --outline: polygon(0 16%, 40% 16%, 50% 0, 60% 16%, 100% 16%, 100% 100%, 0 100%);
  width: 72px;
  height: 54px;
  padding: 9px 0 0;
  line-height: 45px;
  text-align: center;
}
.lying.ring::before {
  clip-path: polygon(
    evenodd,
    0 16%,
    40% 16%,
    50% 0,
    60% 16%,
    100% 16%,
    100% 100%,
    0 100%,
    0 16%,
    2.5px calc(16% + 2.5px),
    calc(40% + 1px) calc(16% + 2.5px),
    50% 4px,
    calc(60% - 1px) calc(16% + 2.5px),
    calc(100% - 2.5px) calc(16% + 2.5px),
    calc(100% - 2.5px) calc(100% - 2.5px),
    2.5px calc(100% - 2.5px),
    2.5px calc(16% + 2.5px)
  );
}
</style>
