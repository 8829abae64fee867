<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <LibraryBench />
</template>
