<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <HelmBench />
</template>
