<script setup lang="ts">
import { computed } from 'vue'
import { answer, api, sendForm } from '../api/client'
import { keys, outdate, useHouse } from '../api/queries'
import type { House } from '../api/types'
import { arrival } from '../shared/dates'
import DropZone from '../shared/DropZone.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { count } from '../shared/words'

const { say, attempt } = useNotices()

const { data, error, refetch } = useHouse()
const unknown = computed(() => data.value?.sheet?.found.filter((f) => !f.known) ?? [])
const used = computed(() => new Set(data.value?.sheet?.found.map((f) => f.name)))

async function bring([file]: File[]) {
  if (!file) return
  const form = new FormData()
  form.append('file', file)
  if (!(await attempt(sendForm<House>('/api/house-document', form)))) return
  await outdate(keys.house)
  say(`${file.name} is the house document now.`)
}

async function letGo() {
  if (await attempt(answer(api.DELETE('/api/house-document')))) await outdate(keys.house)
}

const inBraces = (name: string) => `{${name}}`
</script>

<template>
  <DropZone v-slot="{ choose }" says="Let go to make it the house document" @files="bring">
    <div class="column-page">
      <PageHead title="House document">
        The team’s own .docx with placeholders. A folio exported through it keeps its letter-head,
        styles and fonts; a paragraph with a list in it is repeated for every line, a table’s row
        for every item.
        <template #acts>
          <button class="btn go" type="button" @click="choose">
            {{ data?.sheet ? 'Bring another in' : 'Bring one in' }}
          </button>
        </template>
      </PageHead>
      <ErrorNote v-if="error" :error="error" @retry="refetch()" />
      <template v-else-if="data">
        <section v-if="data.sheet" aria-label="The document" class="sheet held">
          <div>
            <p class="name">{{ data.sheet.name }}</p>
            <p class="small">
              brought in by {{ data.sheet.broughtBy }}, {{ arrival(data.sheet.broughtAt) }} ·
              {{ count(data.sheet.found.length, 'placeholder') }}
            </p>
          </div>
          <a class="btn" href="/api/house-document/file" download>As it came</a>
          <button class="btn quiet" type="button" @click="letGo">Let go</button>
          <div v-if="unknown.length" class="unknown" role="alert">
            <p class="red">
              {{ count(unknown.length, 'placeholder') }} nobody knows; they stay as they are:
            </p>
            <ul>
              <li v-for="f in unknown" :key="f.name + f.place">
                <code>{{ inBraces(f.name) }}</code> <span class="small">in {{ f.place }}</span>
              </li>
            </ul>
          </div>
        </section>
        <p v-else class="small">None yet. Folios are exported with styles of our own until then.</p>
        <h2 class="section-head">
          Placeholders <span>{{ data.placeholders.length }}</span>
        </h2>
        <dl>
          <template v-for="p in data.placeholders" :key="p.name">
            <dt>
              <code>{{ inBraces(p.name) }}</code>
            </dt>
            <dd>
              {{ p.stands }}
              <span v-if="used.has(p.name)" class="small">· in the document</span>
            </dd>
          </template>
        </dl>
      </template>
    </div>
  </DropZone>
</template>

<style scoped>
.held {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding: 14px 18px;
  margin: 18px 0 6px;
}

.held > div:first-child {
  flex: 1;
  min-width: 200px;
}

.name {
  font: 600 16px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

.unknown {
  flex-basis: 100%;
}

h2 {
  margin-top: 24px;
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 4px 22px;
  margin-top: 10px;
}

dt,
dd {
  padding: 2px 0;
}

code {
  font: 500 13px/1.5 var(--sans);
  color: var(--green);
}

@media (max-width: 480px) {
  dl {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>
