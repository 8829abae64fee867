<script setup lang="ts">
definePageMeta({ parts: ['hull'], alias: ['/'] })
</script>

<template>
  <BoatBench />
</template>
