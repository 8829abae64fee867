<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <WorkBench />
</template>
