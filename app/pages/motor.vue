<script setup lang="ts">
definePageMeta({ parts: ['motor', 'controller'] })
</script>

<template>
  <MotorBench />
</template>
