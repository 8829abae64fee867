<script setup lang="ts">
definePageMeta({ parts: ['hull'] })
</script>

<template>
  <BoatBench />
</template>
