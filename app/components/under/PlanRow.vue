<script setup lang="ts">
import { helmWords as words } from '~/messages/helm'

/** What the lever has planned, outlined and named so: it is not what instruments read. */
</script>

<template>
  <p class="plan" data-plan>
    <b>{{ words.plan }}</b>
    <span><FigureValue id="packPower" still /></span>
    <span><FigureValue id="distanceLeft" still exact /> {{ words.toReserve }}</span>
    <span><FigureValue id="distanceToEmpty" still exact /> {{ words.untilEmpty }}</span>
    <em>{{ words.planHow }}</em>
  </p>
</template>

<style scoped>
.plan {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: baseline;
  margin: 10px 16px;
  padding: 8px 12px;
  border: 1.25px dashed var(--soft);
  font-size: 15px;
}
.plan b {
  font-weight: 600;
}
.plan em {
  font-style: normal;
  color: var(--soft);
  font-size: 13.5px;
}
</style>
