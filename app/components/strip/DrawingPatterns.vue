<script setup lang="ts">
/** Hatchings of ballast, cells and cooling ribs: once in each drawing. */
</script>

<template>
  <defs>
    <pattern id="ballast" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <path d="M0 0v7" stroke="var(--ink)" stroke-width=".9" />
    </pattern>
    <pattern id="cells" width="9" height="40" patternUnits="userSpaceOnUse">
      <path d="M0 0v40M1 40 8 0" stroke="var(--ink)" stroke-width="1" fill="none" />
    </pattern>
    <pattern id="ribs" width="4" height="10" patternUnits="userSpaceOnUse">
      <path d="M2 0v10" stroke="var(--ink)" stroke-width="1" />
    </pattern>
  </defs>
</template>
