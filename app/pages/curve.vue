<script setup lang="ts">
definePageMeta({ parts: ['hull'] })
</script>

<template>
  <CurveBench />
</template>
