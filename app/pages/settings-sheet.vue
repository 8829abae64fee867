<script setup lang="ts">
definePageMeta({ parts: ['controller'] })
</script>

<template>
  <SettingsSheet />
</template>
