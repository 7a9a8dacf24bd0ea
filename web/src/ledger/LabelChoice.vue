<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useLabels } from '../api/queries'
import type { Label, LabelSort } from '../api/types'
import { useNotices } from '../shared/notices'
import { LABEL_NAMES } from './ledgerWords'
import { useShelving } from './useShelving'

/** Chooses a collection, project or tag by typing; what there is not can be made. */
const props = defineProps<{ not?: string[] }>()
const emit = defineEmits<{ chosen: [label: Label]; done: [] }>()

const SORTS: LabelSort[] = ['COLLECTION', 'PROJECT', 'TAG']
const MOST = 8

const { data: labels } = useLabels()
const { attempt } = useNotices()
const { make } = useShelving()
const typed = ref('')
const at = ref(0)
const field = ref<HTMLInputElement>()

interface Choice {
  sort: LabelSort
  name: string
  label?: Label
}

const choices = computed<Choice[]>(() => {
  const words = typed.value.trim().toLowerCase()
  const found = (labels.value ?? [])
    .filter((l) => !props.not?.includes(l.id) && l.name.toLowerCase().includes(words))
    .slice(0, MOST)
    .map((label) => ({ sort: label.sort, name: label.name, label }))
  const fresh = SORTS.filter(
    (sort) =>
      words !== '' && !labels.value?.some((l) => l.sort === sort && l.name.toLowerCase() === words),
  ).map((sort) => ({ sort, name: typed.value.trim() }))
  return [...found, ...fresh]
})

function step(by: number) {
  at.value = (at.value + by + choices.value.length) % Math.max(1, choices.value.length)
}

async function choose(choice: Choice | undefined) {
  if (!choice) return
  if (choice.label) emit('chosen', choice.label)
  else {
    await attempt(
      make(choice.sort, choice.name).then((label) => {
        emit('chosen', label)
      }),
    )
  }
}

onMounted(async () => {
  await nextTick()
  field.value?.focus()
})
</script>

<template>
  <div class="choice" @keydown.esc.stop="emit('done')">
    <input
      ref="field"
      v-model="typed"
      class="field"
      role="combobox"
      aria-expanded="true"
      aria-controls="label-choices"
      :aria-activedescendant="choices.length ? `label-choice-${at}` : undefined"
      aria-label="Collection, project or tag"
      placeholder="Collection, project or tag"
      maxlength="80"
      @input="at = 0"
      @keydown.down.prevent="step(1)"
      @keydown.up.prevent="step(-1)"
      @keydown.enter.prevent="choose(choices[at])"
    />
    <ul id="label-choices" role="listbox" aria-label="Choices">
      <li
        v-for="(c, i) in choices"
        :id="`label-choice-${i}`"
        :key="i"
        role="option"
        :aria-selected="i === at"
        @mousedown.prevent="choose(c)"
        @mouseenter="at = i"
      >
        <span>{{ c.label ? '' : 'new ' }}{{ LABEL_NAMES[c.sort] }}</span> {{ c.name }}
      </li>
      <li v-if="!choices.length" class="none">Type a name to make one.</li>
    </ul>
  </div>
</template>

<style scoped>
.choice {
  position: relative;
  display: inline-block;
}

.field {
  width: 240px;
}

ul {
  position: absolute;
  z-index: 5;
  top: 100%;
  left: 0;
  min-width: 100%;
  margin-top: 3px;
  padding: 4px 0;
  background: var(--paper);
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  box-shadow: var(--lift);
}

li {
  padding: 4px 12px;
  white-space: nowrap;
  cursor: pointer;
}

li[aria-selected='true'] {
  background: var(--paper-2);
}

li span {
  display: inline-block;
  min-width: 78px;
  color: var(--pencil);
  font-size: 12.5px;
}

.none {
  color: var(--pencil);
  cursor: default;
}
</style>
