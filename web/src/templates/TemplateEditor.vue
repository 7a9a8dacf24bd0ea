<script setup lang="ts">
import { nextTick, ref } from 'vue'
import type { SectionFacts, TemplateFacts } from '../api/types'
import { DETAILS } from '../shared/words'
import SectionEditor from './SectionEditor.vue'
import { CONTENTS, movedSection, newSection } from './sectionWords'

/** The form of a template, being edited. */
const facts = defineModel<TemplateFacts>({ required: true })

const list = ref<HTMLElement>()

function patch(change: Partial<TemplateFacts>) {
  facts.value = { ...facts.value, ...change }
}

function changeSection(at: number, change: Partial<SectionFacts>) {
  patch({ sections: facts.value.sections.map((s, i) => (i === at ? { ...s, ...change } : s)) })
}

async function move(from: number, to: number) {
  if (to < 0 || to >= facts.value.sections.length) return
  patch({ sections: movedSection(facts.value.sections, from, to) })
  await nextTick()
  list.value?.querySelector<HTMLElement>(`[data-section="${to}"] .open`)?.focus()
}

function add(event: Event) {
  const select = event.target as HTMLSelectElement
  const section = newSection(select.value as SectionFacts['content'], facts.value.sections)
  select.value = ''
  patch({ sections: [...facts.value.sections, section] })
}

const kinds = (text: string) =>
  text
    .split(',')
    .map((kind) => kind.trim())
    .filter(Boolean)
</script>

<template>
  <div class="editor">
    <label>
      <span class="label">Name</span>
      <input
        class="field"
        maxlength="80"
        :value="facts.name"
        @input="patch({ name: ($event.target as HTMLInputElement).value })"
      />
    </label>
    <label>
      <span class="label">For these kinds of meeting, with commas between</span>
      <input
        class="field"
        :value="facts.kinds.join(', ')"
        @change="patch({ kinds: kinds(($event.target as HTMLInputElement).value) })"
      />
    </label>
    <div class="three">
      <label>
        <span class="label">Detail</span>
        <select
          class="field"
          :value="facts.detail"
          @change="
            patch({ detail: ($event.target as HTMLSelectElement).value as TemplateFacts['detail'] })
          "
        >
          <option v-for="(name, detail) in DETAILS" :key="detail" :value="detail">
            {{ name }}
          </option>
        </select>
      </label>
      <label>
        <span class="label">Minutes are titled</span>
        <input
          class="field"
          maxlength="200"
          :value="facts.title"
          @change="patch({ title: ($event.target as HTMLInputElement).value })"
        />
      </label>
      <label>
        <span class="label">Files are called</span>
        <input
          class="field"
          maxlength="200"
          :value="facts.file"
          @change="patch({ file: ($event.target as HTMLInputElement).value })"
        />
      </label>
    </div>
    <p class="small">In titles and names: {date}, {title}, {kind}, {series}, {template}.</p>
    <h2 class="section-head">
      Sections <span>{{ facts.sections.length }}</span>
    </h2>
    <ol ref="list">
      <SectionEditor
        v-for="(section, i) in facts.sections"
        :key="`${i}-${facts.sections.length}`"
        :section="section"
        :at="i"
        :count="facts.sections.length"
        @change="changeSection(i, $event)"
        @move="move(i, $event)"
        @dropped="move($event, i)"
        @remove="patch({ sections: facts.sections.filter((_, n) => n !== i) })"
      />
    </ol>
    <label>
      <span class="unseen">Add a section</span>
      <select class="btn" @change="add">
        <option value="">Add a section …</option>
        <option v-for="(name, content) in CONTENTS" :key="content" :value="content">
          {{ name }}
        </option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 12px;
  align-content: start;
}

.three {
  display: grid;
  grid-template-columns: 110px 1fr 1fr;
  gap: 12px;
}

h2 {
  margin-top: 6px;
}

@media (max-width: 480px) {
  .three {
    grid-template-columns: 1fr;
  }
}
</style>
