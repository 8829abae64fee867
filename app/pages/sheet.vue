<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <SheetBench />
</template>
