<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { SavedView } from '../api/types'
import { useNotices } from '../shared/notices'
import { useDeed } from '../shared/useDeed'

/** The views that the member keeps, and keeping the one that is shown. */
const route = useRoute()
const { say, attempt } = useNotices()
const { refused, run } = useDeed()

const { data } = useQuery({
  queryKey: [keys.views],
  queryFn: () => answer(api.GET('/api/views')),
  staleTime: 60_000,
})

const naming = ref(false)
const name = ref('')
const field = ref<HTMLInputElement>()
const query = computed(() => route.fullPath.split('?')[1] ?? '')

async function begin() {
  naming.value = true
  name.value = data.value?.find((v) => v.query === query.value)?.name ?? ''
  await nextTick()
  field.value?.focus()
}

function store(view: { name: string; query: string }) {
  return answer(api.POST('/api/views', { body: view }))
}

async function keep() {
  if (await run(() => store({ name: name.value, query: query.value }))) {
    naming.value = false
    await outdate(keys.views)
  }
}

async function forget(view: SavedView) {
  const path = { path: { id: view.id } }
  if (await attempt(answer(api.DELETE('/api/views/{id}', { params: path })))) {
    say(`The view ${view.name} is no longer kept.`, {
      undo: () => void attempt(store(view).then(() => outdate(keys.views))),
    })
    await outdate(keys.views)
  }
}
</script>

<template>
  <section aria-label="Views">
    <h2>Views</h2>
    <ul>
      <li>
        <RouterLink to="/ledger" :class="{ on: query === '' }">All folios</RouterLink>
      </li>
      <li v-for="view in data" :key="view.id">
        <RouterLink :to="`/ledger?${view.query}`" :class="{ on: query === view.query }">
          {{ view.name }}
        </RouterLink>
        <button
          type="button"
          class="x"
          :aria-label="`No longer keep the view ${view.name}`"
          @click="forget(view)"
        >
          ×
        </button>
      </li>
    </ul>
    <form v-if="naming" @submit.prevent="keep" @keydown.esc="naming = false">
      <input
        ref="field"
        v-model="name"
        class="field"
        required
        maxlength="80"
        aria-label="Name of the view"
        placeholder="Name"
      />
      <button class="btn go" type="submit">Keep</button>
    </form>
    <button v-else-if="query" class="keep small" type="button" @click="begin">
      Keep this view
    </button>
    <p v-if="refused" class="red small" role="alert">{{ refused }}</p>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 24px;
}

ul {
  margin-top: 5px;
}

li {
  display: flex;
  align-items: center;
}

a {
  flex: 1;
  padding: 3px 8px;
  margin-left: -8px;
  border-radius: 3px;
  color: inherit;
  text-decoration: none;
  overflow-wrap: anywhere;
}

a:hover {
  background: var(--paper);
}

a.on {
  font-weight: 650;
}

.x,
.keep {
  min-width: 24px;
  min-height: 24px;
  border: 0;
  background: none;
  cursor: pointer;
  color: var(--pencil);
}

.keep {
  color: var(--green);
  padding: 3px 0;
}

form {
  display: flex;
  gap: 6px;
  margin-top: 4px;
}

.field {
  min-width: 0;
  flex: 1;
}
</style>
