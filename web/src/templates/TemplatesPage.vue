<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, onVersion } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate, useAllTemplates } from '../api/queries'
import type { KeptTemplate, TemplateFacts } from '../api/types'
import { useNotices } from '../shared/notices'
import { freeName } from './templateNames'
import TemplateEditor from './TemplateEditor.vue'
import TemplatePreview from './TemplatePreview.vue'

const route = useRoute()
const router = useRouter()
const { say, attempt } = useNotices()
const { data: all } = useAllTemplates()

/** The form being edited, and the kept template it came from; null for one that is not kept yet. */
const facts = ref<TemplateFacts | null>(null)
const kept = ref<KeptTemplate | null>(null)
const words = ref('')
const file = ref<HTMLInputElement>()

const offered = computed(() => all.value?.filter((t) => !t.archived) ?? [])
const archived = computed(() => all.value?.filter((t) => t.archived) ?? [])
const isChanged = computed(
  () =>
    facts.value !== null &&
    JSON.stringify(facts.value) !== JSON.stringify(kept.value?.facts ?? null),
)

function open(template: KeptTemplate) {
  kept.value = template
  facts.value = template.facts
  void router.replace({ query: { name: template.facts.name } })
}

/** A form that nothing keeps yet. */
function begin(form: TemplateFacts) {
  kept.value = null
  facts.value = { ...form, name: freeName(form.name, all.value ?? []) }
  void router.replace({ query: {} })
}

watch(
  all,
  (templates) => {
    if (!templates || facts.value) return
    const named = templates.find((t) => t.facts.name === route.query.name) ?? offered.value[0]
    if (named) open(named)
  },
  { immediate: true },
)

async function begun(made: Promise<TemplateFacts>) {
  await attempt(made.then(begin))
}

async function describe() {
  if (!words.value.trim()) return
  await begun(answer(api.POST('/api/templates/described', { body: { words: words.value } })))
}

const folio = ref('')

async function likeFolio() {
  const number = Number(folio.value)
  if (!Number.isInteger(number) || number < 1) return
  await begun(answer(api.POST('/api/folios/{number}/template', { params: { path: { number } } })))
}

async function bring(event: Event) {
  const [chosen] = (event.target as HTMLInputElement).files ?? []
  if (!chosen) return
  const json = await chosen.text()
  await begun(answer(api.POST('/api/templates/read', { body: { json } })))
  if (file.value) file.value.value = ''
}

async function save() {
  const form = facts.value
  if (!form) return
  const id = kept.value?.id
  try {
    const stored = id
      ? await answer(
          api.PUT('/api/templates/{id}', {
            params: { path: { id }, header: onVersion(kept.value?.version ?? 0) },
            body: form,
          }),
        )
      : await answer(api.POST('/api/templates', { body: form }))
    await outdate(keys.templates)
    open(stored)
    say(`Saved: ${stored.facts.name}.`)
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}

async function archive(away: boolean) {
  const id = kept.value?.id
  if (!id) return
  const put = answer(
    api.PUT('/api/templates/{id}/archived', { params: { path: { id } }, body: { archived: away } }),
  )
  if (await attempt(put.then(open))) await outdate(keys.templates)
}

/** The shipped one comes back in the place of the team's own. */
async function asShipped() {
  const id = kept.value?.id
  if (!id) return
  if (!(await attempt(answer(api.DELETE('/api/templates/{id}', { params: { path: { id } } })))))
    return
  facts.value = null
  await outdate(keys.templates)
}
</script>

<template>
  <div class="templates">
    <nav aria-label="Templates">
      <h1>Templates</h1>
      <ul>
        <li v-for="t in offered" :key="t.facts.name">
          <button
            type="button"
            :class="{ on: kept?.facts.name === t.facts.name }"
            :aria-current="kept?.facts.name === t.facts.name || undefined"
            @click="open(t)"
          >
            {{ t.facts.name }}
            <span class="small">{{
              [t.id ? 'the team’s own' : '', t.facts.kinds.slice(0, 3).join(', ')]
                .filter(Boolean)
                .join(' · ')
            }}</span>
          </button>
        </li>
      </ul>
      <details v-if="archived.length">
        <summary class="small">Archived: {{ archived.length }}</summary>
        <ul>
          <li v-for="t in archived" :key="t.facts.name">
            <button type="button" @click="open(t)">{{ t.facts.name }}</button>
          </li>
        </ul>
      </details>
      <form @submit.prevent="describe">
        <label>
          <span class="label">A new one, described in a few words</span>
          <textarea
            v-model="words"
            class="field"
            rows="2"
            maxlength="1000"
            placeholder="weekly with risks and owners"
          />
        </label>
        <button class="btn" :disabled="!words.trim()">Make it</button>
      </form>
      <form @submit.prevent="likeFolio">
        <label>
          <span class="label">A new one in the shape of folio</span>
          <input v-model="folio" class="field" inputmode="numeric" placeholder="27" />
        </label>
        <button class="btn" :disabled="!folio.trim()">Make it</button>
      </form>
      <div>
        <input
          ref="file"
          class="unseen"
          type="file"
          accept=".json,application/json"
          tabindex="-1"
          aria-hidden="true"
          data-testid="template-file"
          @change="bring"
        />
        <button class="btn" type="button" @click="file?.click()">Bring one in from a file</button>
      </div>
    </nav>
    <section v-if="facts" class="form" aria-label="Editor">
      <div class="acts">
        <span class="small" role="status">{{
          kept === null ? 'not kept yet' : isChanged ? 'changed, not saved' : ''
        }}</span>
        <a
          v-if="kept && !kept.archived"
          class="btn quiet"
          :href="`/api/templates/file?name=${encodeURIComponent(kept.facts.name)}`"
          download
        >
          As a file
        </a>
        <button v-if="kept" class="btn quiet" type="button" @click="begin(facts)">Copy</button>
        <button v-if="kept?.id && kept.shipped" class="btn quiet" type="button" @click="asShipped">
          As shipped
        </button>
        <button
          v-else-if="kept?.id"
          class="btn quiet"
          type="button"
          @click="archive(!kept.archived)"
        >
          {{ kept.archived ? 'Bring back' : 'Archive' }}
        </button>
        <button class="btn go" type="button" :disabled="kept !== null && !isChanged" @click="save">
          Save
        </button>
      </div>
      <TemplateEditor v-model="facts" />
    </section>
    <TemplatePreview v-if="facts" :facts="facts" />
  </div>
</template>

<style scoped>
.templates {
  display: grid;
  grid-template-columns: 226px minmax(0, 1fr) minmax(0, 1fr);
  min-height: 726px;
}

nav {
  display: grid;
  gap: 16px;
  align-content: start;
  padding: 22px 16px 40px 22px;
  border-right: 1px solid var(--rule);
}

h1 {
  font-size: 22px;
}

nav li button {
  display: grid;
  width: 100%;
  padding: 5px 8px;
  border: 0;
  border-left: 2px solid transparent;
  background: none;
  text-align: left;
  cursor: pointer;
  font: 15px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

nav li button .small {
  font-family: var(--sans);
}

nav li button:hover,
nav li button.on {
  border-left-color: var(--green);
  background: var(--paper-2);
}

nav form {
  display: grid;
  gap: 6px;
  justify-items: start;
}

nav form label {
  width: 100%;
}

.form {
  padding: 18px 24px 60px;
  border-right: 1px solid var(--rule);
  min-width: 0;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: flex-end;
  gap: 6px;
  margin-bottom: 12px;
}

.acts .small {
  margin-right: auto;
}

@media (max-width: 980px) {
  .templates {
    grid-template-columns: 1fr;
  }

  nav,
  .form {
    border-right: 0;
    border-bottom: 1px solid var(--rule);
  }
}
</style>
