<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <DayBench />
</template>
