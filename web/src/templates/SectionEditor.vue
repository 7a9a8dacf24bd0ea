<script setup lang="ts">
import { ref } from 'vue'
import type { SectionFacts } from '../api/types'
import { DETAILS } from '../shared/words'
import { CONTENTS, collects, FORMS, GROUPINGS, hasForm, textLabel } from './sectionWords'

/** One section of a template: a row that opens. */
const props = defineProps<{ section: SectionFacts; at: number; count: number }>()
const emit = defineEmits<{
  change: [patch: Partial<SectionFacts>]
  move: [to: number]
  /** Another section was dropped here. */
  dropped: [from: number]
  remove: []
}>()

const open = ref(props.section.heading === '')

/** Alt and an arrow move the section, wherever in it one is. */
function keyed(event: KeyboardEvent) {
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  emit('move', props.at + (event.key === 'ArrowUp' ? -1 : 1))
}

function drop(event: DragEvent) {
  const from = event.dataTransfer?.getData('text/section')
  if (from) emit('dropped', Number(from))
}

const chosen = (event: Event) => (event.target as HTMLSelectElement).value

function changeContent(event: Event) {
  const content = chosen(event) as SectionFacts['content']
  emit('change', { content, text: textLabel(content) ? props.section.text : '' })
}
</script>

<template>
  <li
    :data-section="at"
    draggable="true"
    @keydown="keyed"
    @dragstart="$event.dataTransfer?.setData('text/section', String(at))"
    @dragover.prevent
    @drop.prevent="drop"
  >
    <div class="row">
      <button class="open" type="button" :aria-expanded="open" @click="open = !open">
        <span class="heading">{{ section.heading || 'Without heading' }}</span>
        <span class="small">{{ CONTENTS[section.content] }}</span>
      </button>
      <button
        class="btn quiet"
        type="button"
        :aria-label="`Move ${section.heading} up`"
        :disabled="at === 0"
        @click="emit('move', at - 1)"
      >
        ↑
      </button>
      <button
        class="btn quiet"
        type="button"
        :aria-label="`Move ${section.heading} down`"
        :disabled="at === count - 1"
        @click="emit('move', at + 1)"
      >
        ↓
      </button>
      <button
        class="btn quiet"
        type="button"
        :aria-label="`Remove ${section.heading}`"
        @click="emit('remove')"
      >
        ×
      </button>
    </div>
    <div v-if="open" class="fields">
      <label class="wide">
        <span class="label">Heading</span>
        <input
          class="field"
          maxlength="120"
          :value="section.heading"
          @input="emit('change', { heading: ($event.target as HTMLInputElement).value })"
        />
      </label>
      <label>
        <span class="label">Holds</span>
        <select class="field" :value="section.content" @change="changeContent">
          <option v-for="(name, content) in CONTENTS" :key="content" :value="content">
            {{ name }}
          </option>
        </select>
      </label>
      <label v-if="hasForm(section.content)">
        <span class="label">Set as</span>
        <select
          class="field"
          :value="section.form"
          @change="emit('change', { form: chosen($event) as SectionFacts['form'] })"
        >
          <option v-for="(name, form) in FORMS" :key="form" :value="form">{{ name }}</option>
        </select>
      </label>
      <label v-if="collects(section.content)">
        <span class="label">Grouped</span>
        <select
          class="field"
          :value="section.grouping"
          @change="emit('change', { grouping: chosen($event) as SectionFacts['grouping'] })"
        >
          <option v-for="(name, grouping) in GROUPINGS" :key="grouping" :value="grouping">
            {{ name }}
          </option>
        </select>
      </label>
      <label v-if="collects(section.content) || section.content === 'ANSWER'">
        <span class="label">Detail</span>
        <select
          class="field"
          :value="section.detail ?? ''"
          @change="emit('change', { detail: (chosen($event) || null) as SectionFacts['detail'] })"
        >
          <option value="">as the template</option>
          <option v-for="(name, detail) in DETAILS" :key="detail" :value="detail">
            {{ name }}
          </option>
        </select>
      </label>
      <label v-if="textLabel(section.content)" class="wide">
        <span class="label">{{ textLabel(section.content) }}</span>
        <textarea
          class="field"
          rows="2"
          maxlength="4000"
          :value="section.text"
          @input="emit('change', { text: ($event.target as HTMLTextAreaElement).value })"
        />
      </label>
      <label class="check wide">
        <input
          type="checkbox"
          :checked="section.required"
          @change="emit('change', { required: !section.required })"
        />
        stands also where nothing was said for it
      </label>
    </div>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
}

.row {
  display: flex;
  align-items: center;
}

.open {
  flex: 1;
  display: flex;
  gap: 10px;
  justify-content: space-between;
  align-items: baseline;
  min-width: 0;
  padding: 6px 4px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.open:hover .heading {
  text-decoration: underline;
  text-underline-offset: 3px;
}

.heading {
  font: 15px/1.4 var(--serif);
  overflow-wrap: anywhere;
}

.open .small {
  white-space: nowrap;
}

.row .btn {
  min-width: 28px;
  padding: 0 4px;
}

.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
  padding: 6px 4px 16px 14px;
  border-left: 2px solid var(--rule);
  margin-left: 4px;
}

.wide {
  grid-column: 1 / -1;
}

.check {
  display: flex;
  gap: 8px;
  align-items: baseline;
  font-size: 13px;
}
</style>
