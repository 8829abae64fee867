<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <TrialBench />
</template>
