<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { keysOnScreen } from '../shared/keys'

const emit = defineEmits<{ close: [] }>()
const groups = keysOnScreen()
</script>

<template>
  <Dialog visible modal header="Keys of this screen" @update:visible="emit('close')">
    <section v-for="group in groups" :key="group.title">
      <h2>{{ group.title }}</h2>
      <dl>
        <template v-for="key in group.keys" :key="key.keys">
          <dt>
            <kbd>{{ key.keys }}</kbd>
          </dt>
          <dd>{{ key.does }}</dd>
        </template>
      </dl>
    </section>
  </Dialog>
</template>

<style scoped>
section + section {
  margin-top: 16px;
}

dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 7px 14px;
  margin-top: 8px;
  align-items: baseline;
}
</style>
