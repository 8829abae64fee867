<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <HealthBench />
</template>
