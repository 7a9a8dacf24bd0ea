<script setup lang="ts">
import AppFrame from './frame/AppFrame.vue'
import NoticeStack from './frame/NoticeStack.vue'
</script>

<template>
  <RouterView v-slot="{ Component, route }">
    <component :is="Component" v-if="route.meta.open" />
    <AppFrame v-else-if="Component">
      <component :is="Component" :key="route.meta.tab === 'day' ? 'day' : route.path" />
    </AppFrame>
  </RouterView>
  <NoticeStack />
</template>
