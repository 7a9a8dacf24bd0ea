<script setup lang="ts">
import { reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import LampMark from '../frame/LampMark.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from './session'

const route = useRoute()
const router = useRouter()
const session = useSession()
const first = session.setupNeeded
const form = reactive({ team: '', name: '', email: '', password: '' })
const { busy, refused, run } = useDeed()

const enter = () =>
  run(async () => {
    await (first.value ? session.setUp({ ...form }) : session.signIn(form.email, form.password))
    // Only places of our own: "//elsewhere" would lead out.
    const to = String(route.query.to ?? '/')
    await router.push(/^\/(?!\/)/.test(to) ? to : '/')
  })
</script>

<template>
  <main class="desk">
    <form class="sheet card" @submit.prevent="enter">
      <h1><LampMark /> Ledger Lamp</h1>
      <p v-if="first" class="lead">
        Nobody has an account here yet. Name the team and its first member.
      </p>
      <template v-if="first">
        <label>
          <span class="label">Team</span>
          <input v-model="form.team" class="field" required maxlength="120" autofocus />
        </label>
        <label>
          <span class="label">Your name</span>
          <input v-model="form.name" class="field" required maxlength="120" autocomplete="name" />
        </label>
      </template>
      <label>
        <span class="label">Mail address</span>
        <input
          v-model="form.email"
          class="field"
          type="email"
          required
          autocomplete="username"
          :autofocus="!first"
        />
      </label>
      <label>
        <span class="label"
          >Password<template v-if="first">, at least 10 characters</template></span
        >
        <input
          v-model="form.password"
          class="field"
          type="password"
          required
          :minlength="first ? 10 : undefined"
          maxlength="72"
          :autocomplete="first ? 'new-password' : 'current-password'"
        />
      </label>
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <button class="btn go" :disabled="busy">{{ first ? 'Open the ledger' : 'Sign in' }}</button>
    </form>
  </main>
</template>

<style scoped>
.desk {
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: 20px;
}

.card {
  width: min(380px, 100%);
  padding: 30px 34px 34px;
  display: grid;
  gap: 16px;
}

h1 {
  display: flex;
  align-items: center;
  gap: 10px;
  font-size: 22px;
}

.lead {
  font: 15px/1.5 var(--serif);
  color: var(--ink-2);
}

.btn {
  min-height: 38px;
}
</style>
