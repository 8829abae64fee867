<script setup lang="ts">
definePageMeta({ parts: [], alone: true, title: 'Side by side' })
</script>

<template>
  <CompareBoats />
</template>
