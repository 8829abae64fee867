<script setup lang="ts">
definePageMeta({ parts: ['pack'] })
</script>

<template>
  <PackBench />
</template>
