<script setup lang="ts">
definePageMeta({ parts: [], alone: true })
</script>

<template>
  <CompareBoats />
</template>
