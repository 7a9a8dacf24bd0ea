<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import type { Person, PersonFacts } from '../api/types'

const props = defineProps<{ person?: Person; refused: string }>()
const emit = defineEmits<{ keep: [facts: PersonFacts]; cancel: [] }>()

const form = reactive({
  name: props.person?.name ?? '',
  role: props.person?.role ?? '',
  email: props.person?.email ?? '',
  aliases: props.person?.aliases.join(', ') ?? '',
})
const first = ref<HTMLInputElement>()

onMounted(() => first.value?.focus())

function keep() {
  emit('keep', {
    name: form.name,
    role: form.role.trim() || null,
    email: form.email.trim() || null,
    aliases: form.aliases
      .split(',')
      .map((alias) => alias.trim())
      .filter(Boolean),
  })
}
</script>

<template>
  <form class="paired" @submit.prevent="keep" @keydown.esc="emit('cancel')">
    <label>
      <span class="label">Name</span>
      <input ref="first" v-model="form.name" class="field" required maxlength="120" />
    </label>
    <label>
      <span class="label">Role</span>
      <input v-model="form.role" class="field" maxlength="120" />
    </label>
    <label>
      <span class="label">Mail address</span>
      <input v-model="form.email" class="field" type="email" maxlength="254" />
    </label>
    <label>
      <span class="label">Also called, with commas between</span>
      <input v-model="form.aliases" class="field" />
    </label>
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <div class="foot">
      <button class="btn" type="button" @click="emit('cancel')">Cancel</button>
      <button class="btn go">Keep</button>
    </div>
  </form>
</template>

<style scoped>
form {
  margin-bottom: 14px;
  padding: 14px 16px;
  background: var(--paper-2);
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
}

form > p {
  grid-column: 1 / -1;
}
</style>
