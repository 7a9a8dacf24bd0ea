<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { reactive } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { OpenSession } from '../api/types'
import { called } from '../members/roles'
import { arrival } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from '../signin/session'
import { browserInWords } from './browser'
import SecondFactor from './SecondFactor.vue'

/** One's own password, and the browsers one is signed in with. */
const session = useSession()
const router = useRouter()
const { say, attempt } = useNotices()
const { data, error, refetch } = useQuery({
  queryKey: [keys.sessions],
  queryFn: () => answer(api.GET('/api/session/open')),
})

const form = reactive({ present: '', next: '' })
const { busy, refused, run } = useDeed()

async function change() {
  const done = await run(() => answer(api.POST('/api/session/password', { body: { ...form } })))
  if (!done) return
  form.present = form.next = ''
  say('The password is changed. All other browsers are signed out.')
  await outdate(keys.sessions)
}

async function end(open: OpenSession) {
  const path = { id: open.id }
  await attempt(answer(api.DELETE('/api/session/open/{id}', { params: { path } })))
  await outdate(keys.sessions)
}

async function endAll() {
  if (!(await attempt(answer(api.DELETE('/api/session/open'))))) return
  session.forget()
  await router.push('/sign-in')
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Your account">
      {{ session.member.value?.name }}, {{ session.member.value?.email }}, of
      {{ session.member.value?.team }}. Role:
      {{ called(session.member.value?.role ?? 'TAKES_PART') }}.
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <div v-else-if="data" class="list-and-form">
      <section aria-label="Where you are signed in">
        <h2 class="section-head">
          Signed in with <span>{{ data.length }}</span>
        </h2>
        <ul class="entries">
          <li v-for="open in data" :key="open.id">
            <div>
              <p class="name">
                {{ browserInWords(open.browser) }}
                <span v-if="open.current" class="small">· this browser</span>
              </p>
              <p class="small">
                <template v-if="open.network">from {{ open.network }} · </template>
                since {{ arrival(open.begunAt) }} · last used {{ arrival(open.usedAt) }}
              </p>
            </div>
            <button
              v-if="!open.current"
              class="btn quiet"
              type="button"
              :aria-label="`Sign out ${browserInWords(open.browser)}, since ${arrival(open.begunAt)}`"
              @click="end(open)"
            >
              Sign out
            </button>
          </li>
        </ul>
        <button class="btn" type="button" @click="endAll">Sign out everywhere</button>
        <SecondFactor />
      </section>
      <form class="sheet" aria-label="Change password" @submit.prevent="change">
        <h2>Change password</h2>
        <label>
          <span class="label">Current password</span>
          <input
            v-model="form.present"
            class="field"
            type="password"
            required
            maxlength="500"
            autocomplete="current-password"
          />
        </label>
        <label>
          <span class="label">New password (at least 10 characters)</span>
          <input
            v-model="form.next"
            class="field"
            type="password"
            required
            minlength="10"
            maxlength="500"
            autocomplete="new-password"
          />
        </label>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go" :disabled="busy">Change password</button>
      </form>
    </div>
  </div>
</template>

<style scoped>
section > .btn {
  margin-top: 16px;
}
</style>
