<script setup lang="ts">
import { computed } from 'vue'
import type { Source } from '../api/types'
import { arrival, clockTime, length, shortDay } from '../shared/dates'
import { count, fileSize, listed } from '../shared/words'

const props = defineProps<{ source: Source }>()
const emit = defineEmits<{ discard: [] }>()

const MOST_PROBLEMS = 5

const broken = computed(() => props.source.state === 'BROKEN')
const beingRead = computed(() => props.source.state === 'KEPT')
const facts = computed(() => {
  const s = props.source
  const read =
    broken.value || beingRead.value
      ? []
      : [
          s.format,
          count(s.passages, s.notes ? 'line' : 'passage'),
          s.seconds === null ? null : length(s.seconds),
        ]
  return [`arrived ${arrival(s.receivedAt)}`, ...read, fileSize(s.size), listed(s.speakers, 5)]
    .filter(Boolean)
    .join(' · ')
})

/** A meeting by title, day and hour. */
function called(guess: Source['guesses'][number]): string {
  const hour = guess.start && clockTime(guess.start)
  return `${guess.title}, ${[shortDay(guess.date), hour].filter(Boolean).join(' ')}`
}
</script>

<template>
  <article class="card">
    <div class="text">
      <h2>{{ source.name }}</h2>
      <p class="small">{{ facts }}</p>
      <p v-if="beingRead" class="small" role="status">
        Being read
        <progress :value="source.read ?? 0" max="100" :aria-label="`${source.name}: read`" />
      </p>
      <p v-if="source.guesses.length" class="guesses">
        <span class="small">Perhaps of</span>
        <RouterLink
          v-for="guess in source.guesses"
          :key="guess.meetingId"
          data-writes
          class="btn quiet"
          :to="{ path: `/tray/${source.id}`, query: { meeting: guess.meetingId } }"
        >
          {{ called(guess) }}
        </RouterLink>
      </p>
      <div v-if="source.problems.length" :class="broken ? 'trouble red' : 'trouble'">
        <p>
          {{
            broken
              ? 'Nothing could be read. The file is kept as it came.'
              : `Read, but for ${count(source.problems.length, 'place')}:`
          }}
        </p>
        <ul>
          <li v-for="problem in source.problems.slice(0, MOST_PROBLEMS)" :key="problem.place">
            <b>{{ problem.place }}</b>: {{ problem.message }}
          </li>
          <li v-if="source.problems.length > MOST_PROBLEMS">
            and {{ source.problems.length - MOST_PROBLEMS }} more
          </li>
        </ul>
      </div>
    </div>
    <div class="buttons">
      <a class="btn quiet" :href="`/api/sources/${source.id}/original`" download>Original</a>
      <button data-writes class="btn" type="button" @click="emit('discard')">Take out</button>
      <RouterLink v-if="!broken && !beingRead" data-writes class="btn go" :to="`/tray/${source.id}`"
        >Place</RouterLink
      >
    </div>
  </article>
</template>

<style scoped>
.card {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 20px;
  padding: 14px 2px;
  flex-wrap: wrap;
}

.text {
  flex: 1 1 340px;
  min-width: 0;
}

h2 {
  font: 500 17px/1.35 var(--serif);
  color: var(--ink);
  overflow-wrap: anywhere;
}

progress {
  width: 160px;
  height: 6px;
  margin-left: 8px;
  vertical-align: middle;
  accent-color: var(--green);
}

.guesses {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 4px;
  margin-top: 4px;
}

.trouble {
  margin-top: 8px;
  padding: 7px 12px;
  border-left: 2px solid currentColor;
  font-size: 13.5px;
  overflow-wrap: anywhere;
}

.buttons {
  display: flex;
  gap: 8px;
}
</style>
