<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <HybridBench />
</template>
