<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { nextTick, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { FactorSecret } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import ToldOnce from '../shared/ToldOnce.vue'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'

/** A code from an authenticator beside the password. */
const { say } = useNotices()
const { data, error, refetch } = useQuery({
  queryKey: [keys.factor],
  queryFn: () => answer(api.GET('/api/session/factor')),
})
const secret = ref<FactorSecret | null>(null)
const recovery = ref<string[]>([])
const leaving = ref(false)
const code = ref('')
const field = ref<HTMLInputElement>()
const { busy, refused, run } = useDeed()

async function askForCode() {
  code.value = ''
  await nextTick()
  field.value?.focus()
}

async function begin() {
  const done = await run(async () => {
    secret.value = await answer(api.POST('/api/session/factor/secret'))
  })
  if (done) await askForCode()
}

async function turnOn() {
  await run(async () => {
    const made = await answer(api.POST('/api/session/factor', { body: { code: code.value } }))
    recovery.value = made.codes
    secret.value = null
  })
  await outdate(keys.factor)
}

async function startLeaving() {
  leaving.value = true
  await askForCode()
}

async function turnOff() {
  const done = await run(() =>
    answer(api.POST('/api/session/factor/off', { body: { code: code.value } })),
  )
  if (done) {
    leaving.value = false
    recovery.value = []
    say('You sign in with the password alone from now on.')
  }
  await outdate(keys.factor)
}
</script>

<template>
  <section aria-label="Second factor">
    <h2 class="section-head">Second factor</h2>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="data">
      <p v-if="data.on" class="state">
        You sign in with a code from your authenticator.
        {{ count(data.recoveryCodesLeft, 'recovery code') }} left.
      </p>
      <p v-else class="state">
        You sign in with the password alone. With a second factor, signing in also takes a code that
        an authenticator on your phone shows.
      </p>
      <ToldOnce v-if="recovery.length" :words="recovery.join('\n')" class="recovery">
        Keep these recovery codes somewhere safe. Each lets you in once if the authenticator is
        lost. They are shown this once.
      </ToldOnce>
      <form v-if="secret" class="told" @submit.prevent="turnOn">
        <svg
          :viewBox="`0 0 ${secret.size} ${secret.size}`"
          role="img"
          aria-label="Picture with the secret, for the camera of your authenticator"
        >
          <rect width="100%" height="100%" fill="#fff" />
          <path :d="secret.squares" fill="#000" />
        </svg>
        <div>
          <p>Show this picture to your authenticator, or type the secret there:</p>
          <code>{{ secret.secret }}</code>
          <label>
            <span class="label">The code it shows now</span>
            <input
              ref="field"
              v-model="code"
              class="field"
              required
              maxlength="40"
              inputmode="numeric"
              autocomplete="one-time-code"
            />
          </label>
          <p v-if="refused" class="red" role="alert">{{ refused }}</p>
          <button class="btn go" :disabled="busy">Turn on</button>
          <button class="btn quiet" type="button" @click="secret = null">Cancel</button>
        </div>
      </form>
      <form v-else-if="leaving" class="leaving" @submit.prevent="turnOff">
        <label>
          <span class="label">Code from your authenticator, or a recovery code</span>
          <input
            ref="field"
            v-model="code"
            class="field"
            required
            maxlength="40"
            autocomplete="one-time-code"
          />
        </label>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn" :disabled="busy">Turn off</button>
        <button class="btn quiet" type="button" @click="leaving = false">Cancel</button>
      </form>
      <template v-else>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button v-if="data.on" class="btn" type="button" @click="startLeaving">Turn off</button>
        <button v-else class="btn" type="button" :disabled="busy" @click="begin">Set up</button>
      </template>
    </template>
  </section>
</template>

<style scoped>
section {
  margin-top: 34px;
}

.state {
  max-width: 62ch;
  margin: 10px 0 12px;
}

.recovery {
  max-width: 460px;
  margin-bottom: 14px;
  white-space: pre-line;
}

.told {
  display: flex;
  flex-wrap: wrap;
  gap: 22px;
}

svg {
  width: 190px;
  height: 190px;
  border: 1px solid var(--rule-strong);
}

code {
  display: block;
  margin: 4px 0 12px;
  overflow-wrap: anywhere;
}

.told > div,
.leaving {
  max-width: 380px;
}

label {
  display: block;
  margin-bottom: 12px;
}
</style>
