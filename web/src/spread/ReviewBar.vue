<script setup lang="ts">
import { computed } from 'vue'
import type { Detail } from '../api/types'
import { clockTime, longDay } from '../shared/dates'
import { DETAILS } from '../shared/words'
import PencilMeter from './PencilMeter.vue'
import ShowLines from './ShowLines.vue'
import type { Draft } from './useDraft'
import { type View, VIEW_NAMES } from './views'

const props = defineProps<{ draft: Draft; templates: { name: string }[]; views: View[] }>()
const view = defineModel<View>('view', { required: true })
const emit = defineEmits<{
  inkAll: []
  toggle: [what: 'struck' | 'possible']
  file: []
  add: []
  undo: []
  redo: []
  template: [name: string, detail: Detail | null]
}>()

const meeting = computed(() => props.draft.minutes.value.meeting)
const folio = computed(() => props.draft.minutes.value.filing?.folio)
const facts = computed(() => {
  const m = meeting.value
  return [longDay(m.date), m.start && clockTime(m.start), m.series !== m.title && m.series]
    .filter(Boolean)
    .join(' · ')
})
const saving = computed(() => {
  if (props.draft.redrafting.value) return props.draft.redrafting.value
  if (props.draft.saving.value === 'unreachable') return 'not saved yet: server not reached, trying'
  if (props.draft.saving.value === 'saving') return 'saving'
  const at = props.draft.savedAt.value
  return at ? `saved ${at.toTimeString().slice(0, 5)}` : ''
})
</script>

<template>
  <div class="bar">
    <div class="what">
      <h1 :title="meeting.title">{{ meeting.title }}</h1>
      <p class="small">
        <template v-if="folio">Amending folio {{ folio }} · </template>{{ facts }}
        <span
          :class="{ red: draft.saving.value === 'unreachable' }"
          data-testid="saving"
          aria-live="polite"
          >{{ saving ? `· ${saving}` : '' }}</span
        >
      </p>
    </div>
    <PencilMeter v-if="!folio" :ink="draft.meter.value.ink" :all="draft.meter.value.all" />
    <ShowLines
      what="struck"
      :count="draft.struck.value"
      :shown="draft.showStruck.value"
      @toggle="emit('toggle', 'struck')"
    />
    <ShowLines
      what="possible"
      :count="draft.possible.value"
      :shown="draft.showPossible.value"
      @toggle="emit('toggle', 'possible')"
    />
    <div class="acts">
      <button
        class="btn quiet"
        type="button"
        :disabled="!draft.history.canUndo.value"
        @click="emit('undo')"
      >
        Undo
      </button>
      <button
        class="btn quiet"
        type="button"
        :disabled="!draft.history.canRedo.value"
        @click="emit('redo')"
      >
        Redo
      </button>
      <label>
        <span class="unseen">View</span>
        <select v-model="view" class="btn">
          <option v-for="v in views" :key="v" :value="v">{{ VIEW_NAMES[v] }}</option>
        </select>
      </label>
      <label v-if="!folio">
        <span class="unseen">Template</span>
        <select
          class="btn"
          :value="draft.minutes.value.template.name"
          :disabled="draft.redrafting.value !== ''"
          @change="emit('template', ($event.target as HTMLSelectElement).value, null)"
        >
          <option v-if="!templates.some((t) => t.name === draft.minutes.value.template.name)">
            {{ draft.minutes.value.template.name }}
          </option>
          <option v-for="t in templates" :key="t.name">{{ t.name }}</option>
        </select>
      </label>
      <label v-if="!folio">
        <span class="unseen">Detail</span>
        <select
          class="btn"
          :value="draft.minutes.value.template.detail"
          :disabled="draft.redrafting.value !== ''"
          @change="
            emit(
              'template',
              draft.minutes.value.template.name,
              ($event.target as HTMLSelectElement).value as Detail,
            )
          "
        >
          <option v-for="(label, detail) in DETAILS" :key="detail" :value="detail">
            {{ label }}
          </option>
        </select>
      </label>
      <button class="btn first" type="button" @click="emit('add')">Add a line</button>
      <button
        v-if="!folio"
        class="btn"
        type="button"
        :disabled="draft.meter.value.pencil === 0"
        @click="emit('inkAll')"
      >
        Ink all
      </button>
      <button
        class="btn go"
        type="button"
        :disabled="draft.filing.value"
        aria-keyshortcuts="Control+Enter"
        @click="emit('file')"
      >
        {{ folio ? 'Done' : 'File' }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 8px 14px;
  padding: 8px 20px;
  border-bottom: 1px solid var(--rule);
  min-height: 56px;
  flex-wrap: wrap;
}

.what {
  flex: 1 1 220px;
  min-width: 0;
}

h1 {
  font-size: 18px;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.acts {
  flex-basis: 100%;
  display: flex;
  align-items: center;
  gap: 8px;
  flex-wrap: wrap;
}

.acts > .first {
  margin-left: auto;
}
</style>
