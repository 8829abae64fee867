<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <TripsBench />
</template>
