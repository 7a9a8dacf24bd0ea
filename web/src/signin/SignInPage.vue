<script setup lang="ts">
import { nextTick, reactive, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { Problem } from '../api/problem'
import LampMark from '../frame/LampMark.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from './session'

const route = useRoute()
const router = useRouter()
const session = useSession()
const first = session.setupNeeded
const form = reactive({ code: '', team: '', name: '', email: '', password: '' })
const { busy, refused, run } = useDeed()
/** A code from the authenticator, asked for once the password is right. */
const codeWanted = ref(false)
const factor = ref('')
const codeField = ref<HTMLInputElement>()
/** Whether a link for a new password is asked for, and whether it was. */
const forgotten = ref<'no' | 'asking' | 'asked'>('no')

const ask = () =>
  run(async () => {
    await answer(api.POST('/api/forgotten', { body: { email: form.email } }))
    forgotten.value = 'asked'
  })

const enter = () =>
  run(async () => {
    try {
      await (first.value
        ? session.setUp({ ...form })
        : session.signIn(form.email, form.password, factor.value))
    } catch (thrown) {
      if (!(thrown instanceof Problem) || !thrown.wantsCode) throw thrown
      const asked = codeWanted.value
      codeWanted.value = true
      factor.value = ''
      await nextTick()
      codeField.value?.focus()
      if (asked) throw thrown
      return
    }
    // Only places of our own: "//elsewhere" would lead out.
    const to = String(route.query.to ?? '/')
    await router.push(/^\/(?!\/)/.test(to) ? to : '/')
  })
</script>

<template>
  <main class="desk">
    <form v-if="forgotten !== 'no'" class="sheet card" @submit.prevent="ask">
      <h1><LampMark /> Ledger Lamp</h1>
      <p v-if="forgotten === 'asked'" class="lead" role="status">
        If {{ form.email }} has an account here, a link for a new password is on its way. It is
        valid for two hours. If nothing arrives, ask an administrator of the team for a link.
      </p>
      <template v-else>
        <p class="lead">We send you a link to choose a new password.</p>
        <label>
          <span class="label">Email address</span>
          <input
            v-model="form.email"
            class="field"
            type="email"
            required
            autocomplete="username"
            autofocus
          />
        </label>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go" :disabled="busy">Send the link</button>
      </template>
      <button class="btn quiet" type="button" @click="forgotten = 'no'">Back to sign in</button>
    </form>
    <form v-else class="sheet card" @submit.prevent="enter">
      <h1><LampMark /> Ledger Lamp</h1>
      <p v-if="first" class="lead">
        There is no account yet. Name the team and create the first account.
      </p>
      <template v-if="first">
        <label>
          <span class="label">Code that was printed when the application started</span>
          <input
            v-model="form.code"
            class="field code"
            required
            maxlength="40"
            autocomplete="off"
            autofocus
          />
        </label>
        <label>
          <span class="label">Team</span>
          <input v-model="form.team" class="field" required maxlength="120" />
        </label>
        <label>
          <span class="label">Your name</span>
          <input v-model="form.name" class="field" required maxlength="120" autocomplete="name" />
        </label>
      </template>
      <label>
        <span class="label">Email address</span>
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
          >Password<template v-if="first"> (at least 10 characters)</template></span
        >
        <input
          v-model="form.password"
          class="field"
          type="password"
          required
          :minlength="first ? 10 : undefined"
          maxlength="500"
          :autocomplete="first ? 'new-password' : 'current-password'"
        />
      </label>
      <label v-if="codeWanted">
        <span class="label">Code from your authenticator, or a recovery code</span>
        <input
          ref="codeField"
          v-model="factor"
          class="field"
          required
          maxlength="40"
          autocomplete="one-time-code"
        />
      </label>
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <button class="btn go" :disabled="busy">{{ first ? 'Create team' : 'Sign in' }}</button>
      <button v-if="!first" class="btn quiet" type="button" @click="forgotten = 'asking'">
        Forgot your password?
      </button>
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

.code {
  text-transform: uppercase;
  letter-spacing: 0.06em;
}

.btn {
  min-height: 38px;
}
</style>
