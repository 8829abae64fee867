<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <UnderWay />
</template>
