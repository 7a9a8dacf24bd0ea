<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { messageOf, Problem } from '../api/problem'
import LampMark from '../frame/LampMark.vue'
import { useSession } from '../signin/session'

/** Where somebody who was invited, or forgot their password, chooses one. */
const key = String(useRoute().params.key)
const router = useRouter()
const session = useSession()

const password = ref('')
const refused = ref('')
const busy = ref(false)

async function enter() {
  busy.value = true
  refused.value = ''
  try {
    const welcomed = await answer(
      api.POST('/api/welcome/{key}', {
        params: { path: { key } },
        body: { password: password.value },
      }),
    )
    await session.signIn(welcomed.email, password.value)
    // A guest is led on to what they were let into.
    await router.push('/')
  } catch (thrown) {
    refused.value =
      thrown instanceof Problem && thrown.status === 404
        ? 'This link has been used or has expired. Ask the person who invited you for a new one.'
        : messageOf(thrown)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="desk">
    <form class="sheet card" @submit.prevent="enter">
      <h1><LampMark /> Ledger Lamp</h1>
      <p>Choose a password to sign in with.</p>
      <label>
        <span class="label">Password (at least 10 characters)</span>
        <input
          v-model="password"
          class="field"
          type="password"
          required
          minlength="10"
          maxlength="500"
          autocomplete="new-password"
          autofocus
        />
      </label>
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <button class="btn go" :disabled="busy">Set password and sign in</button>
    </form>
  </main>
</template>

<style scoped>
.desk {
  display: grid;
  place-items: center;
  min-height: 90vh;
  padding: 20px;
}

.card {
  display: grid;
  gap: 16px;
  width: min(400px, 100%);
  padding: 30px 32px;
}

h1 {
  display: flex;
  align-items: center;
  gap: 10px;
  font-size: 24px;
}
</style>
