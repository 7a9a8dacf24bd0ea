<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, onVersion } from '../api/client'
import { keys, outdate } from '../api/queries'
import CitedByList from '../citations/CitedByList.vue'
import CitedText from '../citations/CitedText.vue'
import { provideCitations } from '../citations/useCitations'
import FolioShelf from '../folio/FolioShelf.vue'
import { longDay } from '../shared/dates'
import DayField from '../shared/DayField.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { cited } from '../shared/folioNumbers'
import { useDeed } from '../shared/useDeed'

/** A document of the team's own, with its paragraphs numbered as lines are. */
const props = defineProps<{ number: number }>()

const route = useRoute()
const path = { path: { number: props.number } }
const { data, error, refetch } = useQuery({
  queryKey: [keys.reference, props.number],
  queryFn: () => answer(api.GET('/api/references/{number}', { params: path })),
})
provideCitations(computed(() => data.value?.id))

const renaming = ref(false)
const title = ref('')
const dated = ref<string | null>(null)
const { refused, run } = useDeed()

const lit = computed(() => Number(route.hash.slice(1).split('.')[1] ?? 0))

watch(
  [() => route.hash, data],
  async () => {
    await nextTick()
    document.getElementById(route.hash.slice(1))?.scrollIntoView({ block: 'center' })
  },
  { flush: 'post', immediate: true },
)

function rename() {
  if (!data.value) return
  title.value = data.value.title
  dated.value = data.value.dated
  renaming.value = true
}

async function keep() {
  const note = data.value
  const day = dated.value
  if (!note || !day) return
  const done = await run(() =>
    answer(
      api.PUT('/api/references/{number}', {
        params: { ...path, header: onVersion(note.version) },
        body: { title: title.value, dated: day },
      }),
    ),
  )
  if (done) renaming.value = false
  await outdate(keys.reference, keys.ledger)
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <article v-else-if="data" class="note">
    <header>
      <div class="acts no-print">
        <button data-writes class="btn" type="button" @click="rename">Title and day</button>
        <a class="btn" :href="`/api/references/${number}/original`" download>The file</a>
      </div>
      <p class="number">
        <span class="folio-no">reference note {{ number }}</span>
      </p>
      <form v-if="renaming" @submit.prevent="keep" @keydown.esc="renaming = false">
        <label>
          <span class="unseen">Title</span>
          <input v-model="title" class="field" required maxlength="300" />
        </label>
        <label class="unseen" for="note-day">Day</label>
        <DayField v-model="dated" class="field" input-id="note-day" />
        <button class="btn go" type="submit">Keep</button>
      </form>
      <h1 v-else>{{ data.title }}</h1>
      <p v-if="refused" class="red small" role="alert">{{ refused }}</p>
      <p class="small">
        {{ longDay(data.dated) }} · {{ data.name }} · filed by {{ data.filedBy }} on
        {{ longDay(data.filedAt.slice(0, 10)) }}
      </p>
    </header>
    <ol>
      <li
        v-for="p in data.paragraphs"
        :id="cited(number, p.number)"
        :key="p.id"
        :class="{ on: p.number === lit, heading: p.heading }"
      >
        <RouterLink
          class="cite figures"
          :to="{ hash: `#${cited(number, p.number)}` }"
          :aria-label="`Paragraph ${cited(number, p.number)}`"
        >
          {{ cited(number, p.number) }}
        </RouterLink>
        <div>
          <component :is="p.heading ? 'h2' : 'p'"
            ><CitedText :of="p.id" :text="p.text"
          /></component>
          <CitedByList :line="p.id" />
        </div>
      </li>
    </ol>
    <FolioShelf :folio="number" />
  </article>
</template>

<style scoped>
.note {
  max-width: 820px;
  margin: 0 auto;
  padding: 34px 40px 60px;
}

header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 14px;
  margin-bottom: 14px;
}

.acts {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}

.number {
  margin-bottom: 12px;
}

h1 {
  font-size: 28px;
  margin-bottom: 5px;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 6px;
}

form label:first-child {
  flex: 1 1 300px;
}

form label:first-child .field {
  width: 100%;
}

li {
  display: grid;
  grid-template-columns: 46px 1fr;
  column-gap: 12px;
  align-items: baseline;
  padding: 5px 0;
  border-radius: 3px;
}

li.on {
  background: var(--lamp);
  box-shadow: var(--glow);
  outline: 1px solid var(--lamp-edge);
}

.heading {
  margin-top: 12px;
}

h2 {
  font: 600 18px/1.4 var(--serif);
  color: var(--ink);
  text-transform: none;
  letter-spacing: 0;
}

li p {
  font: 16px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

.cite {
  font: 500 12px/1 var(--sans);
  color: var(--ink-2);
  text-align: right;
  text-decoration: none;
}

.cite:hover {
  text-decoration: underline;
}

@media (max-width: 620px) {
  .note {
    padding: 20px 16px 40px;
  }
}
</style>
