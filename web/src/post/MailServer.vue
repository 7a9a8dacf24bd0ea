<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { MailAccountFacts } from '../api/types'
import { useNotices } from '../shared/notices'
import { useDeed } from '../shared/useDeed'

/** @prop mayChange whether the member administers the team */
defineProps<{ mayChange: boolean }>()
const { say, attempt } = useNotices()
const { data } = useQuery({
  queryKey: [keys.mailAccount],
  queryFn: () => answer(api.GET('/api/post/account')),
})

const changing = ref(false)
const { refused, run } = useDeed()
const form = reactive<MailAccountFacts>({
  host: '',
  port: 587,
  safety: 'STARTTLS',
  username: null,
  secret: null,
  sender: '',
  senderName: 'Ledger Lamp',
})

/** Opens the form or leaves it: it begins with what is set, and a password that was typed is forgotten. */
function turn() {
  changing.value = !changing.value
  const account = data.value
  form.secret = null
  if (!account?.set) return
  form.host = account.host ?? ''
  form.port = account.port ?? form.port
  form.safety = account.safety ?? form.safety
  form.username = account.username
  form.sender = account.sender ?? ''
  form.senderName = account.senderName ?? ''
}

async function keep() {
  await run(async () => {
    await answer(
      api.PUT('/api/post/account', {
        body: { ...form, username: form.username?.trim() || null, secret: form.secret || null },
      }),
    )
    form.secret = null
    changing.value = false
  })
  await outdate(keys.mailAccount, keys.post)
}

async function sendTrial() {
  if (await attempt(answer(api.POST('/api/post/account/trial')))) {
    say('A trial letter to yourself is on its way.')
  }
  await outdate(keys.post)
}
</script>

<template>
  <section v-if="data" class="server" aria-label="Mail server">
    <div class="line">
      <p v-if="data.set">
        Letters go out by {{ data.host }}:{{ data.port }} as {{ data.senderName }} &lt;{{
          data.sender
        }}&gt;.
      </p>
      <p v-else>
        No mail server is set up yet: letters wait until
        {{ mayChange ? 'there is one' : 'an administrator sets one up' }}.
      </p>
      <div v-if="mayChange" class="acts">
        <button v-if="data.set && !changing" class="btn" type="button" @click="sendTrial">
          Try it on yourself
        </button>
        <button class="btn" type="button" :aria-expanded="changing" @click="turn">
          {{ changing ? 'Leave as it is' : data.set ? 'Change' : 'Set up a mail server' }}
        </button>
      </div>
    </div>
    <form v-if="changing" class="paired" @submit.prevent="keep">
      <label>
        <span class="label">Server</span>
        <input
          v-model.trim="form.host"
          class="field"
          required
          maxlength="255"
          placeholder="mail.skerry.example"
        />
      </label>
      <label>
        <span class="label">Port</span>
        <input
          v-model.number="form.port"
          class="field figures"
          type="number"
          min="1"
          max="65535"
          required
        />
      </label>
      <label>
        <span class="label">Encryption</span>
        <select v-model="form.safety" class="field">
          <option value="STARTTLS">STARTTLS, as a rule port 587</option>
          <option value="TLS">TLS from the start, as a rule port 465</option>
          <option value="NONE">none: for a server on this machine</option>
        </select>
      </label>
      <span />
      <label>
        <span class="label">User, where it wants one</span>
        <input v-model="form.username" class="field" maxlength="254" autocomplete="off" />
      </label>
      <label>
        <span class="label">Password{{ data.hasSecret ? ', only to change it' : '' }}</span>
        <input
          v-model="form.secret"
          class="field"
          type="password"
          maxlength="500"
          autocomplete="new-password"
        />
      </label>
      <label>
        <span class="label">Letters come from</span>
        <input v-model.trim="form.sender" class="field" type="email" required maxlength="254" />
      </label>
      <label>
        <span class="label">Named</span>
        <input v-model.trim="form.senderName" class="field" required maxlength="120" />
      </label>
      <div class="foot">
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go">Keep</button>
      </div>
    </form>
  </section>
</template>

<style scoped>
.server {
  margin-top: 20px;
  padding: 12px 16px;
  border: 1px solid var(--rule);
}

.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 10px 20px;
}

.line p {
  flex: 1 1 260px;
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  gap: 8px;
}
</style>
