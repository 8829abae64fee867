<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <UseBench />
</template>
