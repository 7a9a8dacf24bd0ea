<script setup lang="ts">
import { nextTick, ref } from 'vue'

/** A list of pairs, such as a sign and what it says, with a row to add one. */
const props = defineProps<{
  title: string
  first: string
  second: string
  pairs: [string, string][]
  /** Pairs that everybody has, and nobody changes. */
  fixed: [string, string][]
  /** What the second may be, by value; free words where null. */
  choices: Record<string, string> | null
  longest: [number, number]
  refused: string
  add: (first: string, second: string) => Promise<boolean>
}>()
const emit = defineEmits<{ remove: [first: string, second: string] }>()

const FIRST_CHOICE = Object.keys(props.choices ?? {})[0] ?? ''
const brief = ref('')
const full = ref(FIRST_CHOICE)
const field = ref<HTMLInputElement>()

const shown = (value: string) => props.choices?.[value] ?? value

async function submit() {
  if (!(await props.add(brief.value.trim(), full.value.trim()))) return
  brief.value = ''
  full.value = FIRST_CHOICE
  await nextTick()
  field.value?.focus()
}
</script>

<template>
  <section :aria-label="title">
    <h2 class="section-head">{{ title }}</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">{{ first }}</th>
          <th scope="col">{{ second }}</th>
          <th scope="col"><span class="unseen">Remove</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="[key, value] in fixed" :key="key" class="fixed">
          <th scope="row">
            <code>{{ key }}</code>
          </th>
          <td>{{ shown(value) }}</td>
          <td class="end small">everybody’s</td>
        </tr>
        <tr v-for="[key, value] in pairs" :key="key">
          <th scope="row">
            <code>{{ key }}</code>
          </th>
          <td>{{ shown(value) }}</td>
          <td class="end">
            <button
              class="btn quiet"
              type="button"
              :aria-label="`Remove ${key}`"
              @click="emit('remove', key, value)"
            >
              Remove
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <form @submit.prevent="submit">
      <label>
        <span class="unseen">{{ first }}</span>
        <input
          ref="field"
          v-model="brief"
          class="field brief"
          required
          :placeholder="first"
          :maxlength="longest[0]"
        />
      </label>
      <label class="full">
        <span class="unseen">{{ second }}</span>
        <select v-if="choices" v-model="full" class="field">
          <option v-for="(words, value) in choices" :key="value" :value="value">{{ words }}</option>
        </select>
        <input
          v-else
          v-model="full"
          class="field"
          required
          :placeholder="second"
          :maxlength="longest[1]"
        />
      </label>
      <button class="btn go" type="submit">Add</button>
    </form>
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  text-align: left;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--rule);
  height: 41px;
}

thead th {
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
  height: auto;
}

tbody th {
  width: 110px;
  font-weight: 400;
}

code {
  font: 600 14px/1.3 var(--sans);
}

.fixed td {
  color: var(--ink-2);
}

.end {
  text-align: right;
  padding-right: 0;
}

form {
  display: flex;
  gap: 10px;
  margin-top: 14px;
}

.brief {
  width: 100px;
}

.full {
  flex: 1;
}

.full .field {
  width: 100%;
}

.red {
  margin-top: 8px;
}
</style>
