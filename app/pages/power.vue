<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <FirstPower />
</template>
