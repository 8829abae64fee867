<script setup lang="ts">
definePageMeta({ parts: ['propeller'] })
</script>

<template>
  <PropellerBench />
</template>
