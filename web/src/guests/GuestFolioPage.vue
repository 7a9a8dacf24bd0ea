<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, onVersion } from '../api/client'
import { queryClient } from '../api/queries'
import type { GuestLine, GuestPage, LineKind } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { cited } from '../shared/folioNumbers'
import SetPage from '../shared/SetPage.vue'
import { useDeed } from '../shared/useDeed'
import { KIND_NAMES } from '../shared/words'
import GuestFrame from './GuestFrame.vue'

/** A folio as a guest sees it; who may write corrects its lines and adds some. */
const number = Number(useRoute().params.number)
const queryKey = ['guestFolio', number]

const { data, error, refetch } = useQuery({
  queryKey,
  queryFn: () => answer(api.GET('/api/guest/folios/{number}', { params: { path: { number } } })),
})

const ADDED: LineKind[] = ['POINT', 'DECISION', 'ACTION', 'QUESTION', 'RISK']
const writing = ref(false)
const words = ref(new Map<string, string>())
const addition = ref('')
const kind = ref<LineKind>('POINT')
const { refused, run } = useDeed()

function wordsOf(line: GuestLine): string {
  return words.value.get(line.id) ?? line.text
}

function type(line: GuestLine, event: Event) {
  words.value = new Map(words.value).set(line.id, (event.target as HTMLTextAreaElement).value)
}

const kept = (page: Promise<GuestPage>) =>
  run(async () => queryClient.setQueryData(queryKey, await page))

/** What was typed stays in its field where it is refused. */
async function keep(line: GuestLine) {
  const put = api.PUT('/api/guest/lines/{id}', {
    params: { path: { id: line.id }, header: onVersion(line.version) },
    body: { text: wordsOf(line) },
  })
  if (!(await kept(answer(put)))) return
  const left = new Map(words.value)
  left.delete(line.id)
  words.value = left
}

async function add() {
  const post = api.POST('/api/guest/folios/{number}/lines', {
    params: { path: { number } },
    body: { kind: kind.value, text: addition.value },
  })
  if (await kept(answer(post))) addition.value = ''
}
</script>

<template>
  <GuestFrame>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="data">
      <div class="acts no-print">
        <RouterLink class="btn quiet" to="/let-in">All you are let into</RouterLink>
        <a class="btn" :href="`/api/guest/folios/${number}/pdf`" download>PDF</a>
        <button v-if="data.folio.writes" class="btn" type="button" @click="writing = !writing">
          {{ writing ? 'Done' : 'Amend' }}
        </button>
      </div>
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <SetPage v-if="!writing" :blocks="data.page" />
      <section v-else aria-label="Amend">
        <h1>{{ data.folio.title }}</h1>
        <p class="small">
          What you change is a revision under your name; what stood before is kept.
        </p>
        <form v-for="line in data.lines" :key="line.id" class="line" @submit.prevent="keep(line)">
          <label>
            <span class="label">
              {{ cited(number, line.number) }} · {{ KIND_NAMES[line.kind] }}
            </span>
            <textarea
              class="field"
              rows="2"
              maxlength="4000"
              :value="wordsOf(line)"
              @input="type(line, $event)"
            />
          </label>
          <button
            class="btn"
            :aria-label="`Keep line ${cited(number, line.number)}`"
            :disabled="wordsOf(line) === line.text || !wordsOf(line).trim()"
          >
            Keep
          </button>
        </form>
        <form class="line" @submit.prevent="add">
          <label>
            <span class="label">A line more</span>
            <textarea v-model="addition" class="field" rows="2" maxlength="4000" />
          </label>
          <label>
            <span class="unseen">Kind</span>
            <select v-model="kind" class="btn">
              <option v-for="k in ADDED" :key="k" :value="k">{{ KIND_NAMES[k] }}</option>
            </select>
          </label>
          <button class="btn" :disabled="!addition.trim()">Add</button>
        </form>
      </section>
    </template>
  </GuestFrame>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 8px;
  margin-bottom: 8px;
}

h1 {
  font-size: 23px;
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

.line label:first-child {
  flex: 1;
  min-width: 220px;
}

textarea {
  font: 15px/1.45 var(--serif);
}
</style>
