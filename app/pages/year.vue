<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <SunBench />
</template>
