<script setup lang="ts">
definePageMeta({ parts: [], alias: ['/solar'] })
</script>

<template>
  <SunBench />
</template>
