<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <ChargingBench />
</template>
