<template>
  <svg width="26" height="30" viewBox="0 0 26 30" fill="none" aria-hidden="true">
    <g stroke="currentColor" stroke-width="1.8">
      <path d="M5 13 13 4l8 9Z" fill="var(--lamp)" />
      <path d="M13 13v9M5 22.5h16M3 26.5h20" />
    </g>
  </svg>
</template>
