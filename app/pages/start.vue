<script setup lang="ts">
definePageMeta({ parts: [], alone: true, title: 'A new boat' })
</script>

<template>
  <StartBench />
</template>
