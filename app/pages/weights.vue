<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <WeightsBench />
</template>
