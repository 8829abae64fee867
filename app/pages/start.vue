<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <StartBench />
</template>
