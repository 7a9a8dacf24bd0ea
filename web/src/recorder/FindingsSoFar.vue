<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '../api/client'
import type { EarlyLine } from '../api/types'
import { offset, shortDay } from '../shared/dates'
import { useDeed } from '../shared/useDeed'
import { KIND_NAMES } from '../shared/words'

/** For whoever comes late: what would be drafted if the meeting ended now. It is looked for when asked, and not kept. */
const props = defineProps<{ meetingId: string }>()

const found = ref<EarlyLine[] | null>(null)
const at = ref('')
const { busy, refused, run } = useDeed()

const look = () =>
  run(async () => {
    found.value = await answer(
      api.GET('/api/meetings/{id}/so-far', { params: { path: { id: props.meetingId } } }),
    )
    at.value = new Date().toTimeString().slice(0, 5)
  })

const aside = (line: EarlyLine) =>
  [line.owner, line.due && shortDay(line.due)].filter(Boolean).join(' · ')
</script>

<template>
  <section aria-label="Findings so far">
    <h2 class="section-head">
      So far <span v-if="at">{{ at }}</span>
    </h2>
    <ul v-if="found?.length">
      <li v-for="(line, i) in found" :key="i">
        <details>
          <summary>
            <span class="kind">{{ KIND_NAMES[line.kind] }}</span>
            {{ line.text }}
            <span v-if="aside(line)" class="small">{{ aside(line) }}</span>
          </summary>
          <blockquote v-for="(words, w) in line.words" :key="w">
            <span class="kind">
              {{ words.speaker ?? 'notes' }}
              <span v-if="words.startMs !== null" class="figures">{{ offset(words.startMs) }}</span>
            </span>
            {{ words.quote }}
          </blockquote>
        </details>
      </li>
    </ul>
    <p v-else-if="found" class="small" role="status">Nothing is found yet.</p>
    <p v-if="refused" class="small red" role="alert">{{ refused }}</p>
    <button class="btn" type="button" :disabled="busy" @click="look">
      {{ busy ? 'Looking …' : found ? 'Look again' : 'What was found so far' }}
    </button>
  </section>
</template>

<style scoped>
.btn {
  margin-top: 8px;
}

p.small {
  padding-top: 6px;
}

li {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}

summary {
  cursor: pointer;
  font: 14px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

.kind {
  font: 600 12px/1.4 var(--sans);
  color: var(--ink-2);
}

summary .small {
  font-family: var(--sans);
}

blockquote {
  margin: 6px 0 4px;
  padding-left: 10px;
  border-left: 2px solid var(--lamp-edge);
  font: italic 14px/1.45 var(--serif);
  color: var(--ink-2);
}

blockquote .kind {
  display: block;
  font-style: normal;
}
</style>
