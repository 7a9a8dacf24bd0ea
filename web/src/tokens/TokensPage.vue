<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Token } from '../api/types'
import { arrival, longDay } from '../shared/dates'
import DayField from '../shared/DayField.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import ToldOnce from '../shared/ToldOnce.vue'
import { useDeed } from '../shared/useDeed'
import { USES, usesInWords } from './uses'

const { say, attempt } = useNotices()
const { data, error, refetch } = useQuery({
  queryKey: [keys.tokens],
  queryFn: () => answer(api.GET('/api/tokens')),
})

const form = reactive({ name: '', uses: ['LOOK'] as Token['uses'], lastDay: null as string | null })
const { busy, refused, run } = useDeed()
/** The token that was just made: its words are told this once. */
const fresh = ref<{ id: string; words: string } | null>(null)

async function make() {
  await run(async () => {
    const made = await answer(
      api.POST('/api/tokens', {
        body: { name: form.name, uses: form.uses, lastDay: form.lastDay },
      }),
    )
    fresh.value = { id: made.token.id, words: made.words }
    form.name = ''
  })
  await outdate(keys.tokens)
}

async function revoke(token: Token) {
  const path = { id: token.id }
  if (await attempt(answer(api.DELETE('/api/tokens/{id}', { params: { path } })))) {
    say(`${token.name} is revoked.`)
  }
  await outdate(keys.tokens)
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Access tokens">
      With a token a program of yours hands sources in, has them drafted and filed, and asks, in
      your name. It can do what you tick, and nothing else.
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <div v-else-if="data" class="list-and-form">
      <section aria-label="Your tokens">
        <h2 class="section-head">
          Yours <span>{{ data.length }}</span>
        </h2>
        <p v-if="!data.length" class="small">
          None yet. <code>docs/api.md</code> shows five requests to begin with.
        </p>
        <ul v-else class="entries">
          <li v-for="token in data" :key="token.id">
            <div>
              <p class="name">{{ token.name }}</p>
              <p class="small">
                {{ usesInWords(token.uses) }} · made {{ arrival(token.madeAt) }} ·
                {{ token.usedAt ? `last used ${arrival(token.usedAt)}` : 'never used' }}
                <template v-if="token.lastDay"> · until {{ longDay(token.lastDay) }}</template>
              </p>
              <ToldOnce v-if="fresh?.id === token.id" :words="fresh.words">
                Give this to the program. It is shown this once.
              </ToldOnce>
            </div>
            <button
              class="btn quiet"
              type="button"
              :aria-label="`Revoke ${token.name}`"
              @click="revoke(token)"
            >
              Revoke
            </button>
          </li>
        </ul>
      </section>
      <form class="sheet" aria-label="A new token" @submit.prevent="make">
        <h2>A new token</h2>
        <label>
          <span class="label">What is it for?</span>
          <input
            v-model="form.name"
            class="field"
            required
            maxlength="120"
            placeholder="Nightly hand-in"
          />
        </label>
        <fieldset>
          <legend class="label">It may</legend>
          <label v-for="use in USES" :key="use.name" class="check">
            <input v-model="form.uses" type="checkbox" :value="use.name" />
            <span>{{ use.may }}</span>
          </label>
        </fieldset>
        <div>
          <label class="label" for="last-day">Last day, if it has one</label>
          <DayField v-model="form.lastDay" class="field" input-id="last-day" />
        </div>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go" :disabled="busy || !form.uses.length">Make the token</button>
      </form>
    </div>
  </div>
</template>

<style scoped>
code {
  font:
    13px/1.5 ui-monospace,
    monospace;
  overflow-wrap: anywhere;
}
</style>
