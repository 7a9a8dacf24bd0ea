<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Dispatch, Letter } from '../api/types'
import { arrival } from '../shared/dates'
import { useNotices } from '../shared/notices'
import { kindOf, standing, summary } from './letterStates'

const props = defineProps<{ dispatch: Dispatch }>()
const { attempt } = useNotices()
const failed = computed(() => props.dispatch.letters.some((l) => l.state === 'FAILED'))
const words = ref<string | null>(null)

async function act(deed: Promise<unknown>) {
  await attempt(deed)
  await outdate(keys.post)
}

const path = (letter: Letter) => ({ params: { path: { id: letter.id } } })
const again = (letter: Letter) => act(answer(api.POST('/api/letters/{id}/again', path(letter))))
const withdraw = (letter: Letter) =>
  act(answer(api.POST('/api/letters/{id}/withdraw', path(letter))))

async function showWords() {
  if (words.value !== null) words.value = null
  else
    await act(
      answer(api.GET('/api/letters/{id}', path(props.dispatch.letters[0]!))).then(
        (letter) => (words.value = letter.text),
      ),
    )
}
</script>

<template>
  <li>
    <details>
      <summary>
        <span class="subject">{{ dispatch.subject }}</span>
        <span class="small">
          {{ arrival(dispatch.writtenAt) }} · {{ kindOf(dispatch) }} ·
          {{ dispatch.by ? `by ${dispatch.by}` : 'by itself' }} ·
          <span role="status" :class="{ red: failed }">{{ summary(dispatch.letters) }}</span>
        </span>
      </summary>
      <ul class="letters">
        <li v-for="letter in dispatch.letters" :key="letter.id">
          <div>
            <p>
              {{ letter.name }} <span class="small">{{ letter.address }}</span>
            </p>
            <p class="small" :class="{ red: letter.state === 'FAILED' }">{{ standing(letter) }}</p>
            <p v-if="letter.problem" class="small red">{{ letter.problem }}</p>
          </div>
          <div class="acts">
            <button
              v-if="letter.state !== 'DELIVERED'"
              class="btn"
              type="button"
              :aria-label="`Send to ${letter.name} again`"
              @click="again(letter)"
            >
              Send again
            </button>
            <button
              v-if="letter.state === 'WAITING'"
              class="btn quiet"
              type="button"
              :aria-label="`Withdraw the letter to ${letter.name}`"
              @click="withdraw(letter)"
            >
              Withdraw
            </button>
          </div>
        </li>
      </ul>
      <p class="more">
        <button class="btn quiet" type="button" :aria-expanded="words !== null" @click="showWords">
          {{ words === null ? 'Its words' : 'Hide its words' }}
        </button>
        <RouterLink
          v-if="dispatch.meetingId"
          class="btn quiet"
          :to="`/meeting/${dispatch.meetingId}`"
        >
          To {{ dispatch.meeting }}
        </RouterLink>
      </p>
      <p v-if="words !== null" class="words">{{ words }}</p>
    </details>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
}

summary {
  display: grid;
  gap: 3px;
  padding: 11px 0;
  cursor: pointer;
}

.subject {
  font: 600 16px/1.35 var(--serif);
  overflow-wrap: anywhere;
}

.letters li {
  display: flex;
  justify-content: space-between;
  align-items: flex-start;
  gap: 14px;
  padding: 8px 0 8px 18px;
  border-bottom: 0;
  font: 15px/1.4 var(--serif);
}

.letters .small {
  font-family: var(--sans);
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  flex: none;
  gap: 4px;
}

.more {
  padding: 2px 0 10px 10px;
}

.words {
  margin: 0 0 16px 18px;
  padding: 12px 16px;
  border: 1px solid var(--rule);
  background: var(--paper-2);
  font: 14px/1.5 var(--serif);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}

@media (max-width: 480px) {
  .letters li {
    flex-wrap: wrap;
  }
}
</style>
