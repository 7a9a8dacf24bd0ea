<script setup lang="ts">
import { onMounted, ref } from 'vue'

const emit = defineEmits<{ text: [name: string, text: string]; cancel: [] }>()

const name = ref('')
const text = ref('')
const area = ref<HTMLTextAreaElement>()

onMounted(() => area.value?.focus())
</script>

<template>
  <form class="paste" @submit.prevent="emit('text', name.trim(), text)">
    <label>
      <span class="label">Text</span>
      <textarea
        ref="area"
        v-model="text"
        class="field"
        rows="9"
        required
        maxlength="10000000"
        placeholder="A transcript or notes, as they are"
        @keydown.esc="emit('cancel')"
        @keydown.ctrl.enter="emit('text', name.trim(), text)"
      />
    </label>
    <div class="foot">
      <label class="name">
        <span class="label">What to call it</span>
        <input v-model="name" class="field" maxlength="255" placeholder="pasted text" />
      </label>
      <button class="btn" type="button" @click="emit('cancel')">Cancel</button>
      <button class="btn go" :disabled="!text.trim()">Put in the tray</button>
    </div>
  </form>
</template>

<style scoped>
.paste {
  margin-top: 20px;
  padding: 16px 18px;
  background: var(--paper-2);
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
}

textarea {
  font: 15px/1.5 var(--serif);
}

.foot {
  display: flex;
  align-items: flex-end;
  gap: 10px;
  margin-top: 10px;
}

.name {
  flex: 1;
}
</style>
