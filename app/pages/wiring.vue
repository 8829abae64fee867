<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <WiringBench />
</template>
