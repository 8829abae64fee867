<script setup lang="ts">
definePageMeta({ title: 'Settings', parts: ['controller'] })
</script>

<template>
  <SettingsSheet />
</template>
