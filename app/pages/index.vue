<script setup lang="ts">
definePageMeta({ redirect: to => ({ path: '/boat', query: to.query }) })
</script>

<template>
  <div />
</template>
