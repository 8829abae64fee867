<script setup lang="ts">
definePageMeta({ parts: [] })
</script>

<template>
  <MoneyBench />
</template>
