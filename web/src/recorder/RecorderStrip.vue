<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import { useRecorders } from '../api/queries'
import { arrival, offset } from '../shared/dates'
import { useNotices } from '../shared/notices'
import { count } from '../shared/words'
import { useRecording } from './useRecording'

const props = defineProps<{ meetingId: string; closed: boolean }>()
const { attempt } = useNotices()
const { data: recorders } = useRecorders()
const { data: recording } = useRecording(props.meetingId)

/** A recorder that was not heard of for so long has perhaps failed. */
const SILENCE_MS = 120_000

const now = ref(Date.now())
const ticking = setInterval(() => (now.value = Date.now()), 5_000)
onBeforeUnmount(() => clearInterval(ticking))

const going = computed(() =>
  recording.value && recording.value.state !== 'TAKEN' ? recording.value : null,
)
const silent = computed(
  () =>
    going.value?.state === 'RUNNING' && now.value - Date.parse(going.value.heardAt) > SILENCE_MS,
)
const standing = computed(() => {
  const r = recording.value
  if (!r) return ''
  if (r.state === 'TAKEN') return `recorded by ${r.recorder}, and taken in`
  const heard = count(r.heard.length, 'passage')
  return r.state === 'PAUSED' ? `${r.recorder} is paused · ${heard}` : `${r.recorder} · ${heard}`
})

const commandable = computed(() => recorders.value?.filter((r) => r.control !== null) ?? [])
const chosen = ref('')
watch(commandable, (all) => (chosen.value ||= all[0]?.id ?? ''), { immediate: true })

const busy = ref(false)
async function act(deed: Promise<unknown>) {
  busy.value = true
  await attempt(deed)
  busy.value = false
}

const start = () =>
  act(
    answer(
      api.POST('/api/meetings/{id}/recording', {
        params: { path: { id: props.meetingId } },
        body: { recorderId: chosen.value },
      }),
    ),
  )

function order(command: 'PAUSE' | 'RESUME' | 'STOP') {
  const id = going.value!.id
  return act(
    answer(
      api.POST('/api/recordings/{id}/command', { params: { path: { id } }, body: { command } }),
    ),
  )
}

const take = () =>
  act(answer(api.POST('/api/recordings/{id}/take', { params: { path: { id: going.value!.id } } })))

const list = ref<HTMLElement>()
/** Follows the talk, unless somebody scrolled back in it. */
watch(
  () => going.value?.heard.length,
  async () => {
    const el = list.value
    if (!el || el.scrollHeight - el.scrollTop - el.clientHeight > 60) return
    await nextTick()
    el.scrollTop = el.scrollHeight
  },
)
</script>

<template>
  <section v-if="recording || (commandable.length && !closed)" aria-label="Recorder">
    <h2 class="section-head">
      Recorder
      <span v-if="going?.state === 'RUNNING'" class="running">running</span>
    </h2>
    <p v-if="recording" class="small" role="status">{{ standing }}</p>
    <p v-if="silent" class="small red" role="alert">
      Nothing heard since {{ arrival(going!.heardAt) }}.
    </p>
    <div v-if="going" class="acts">
      <template v-if="going.canCommand">
        <button
          data-writes
          class="btn"
          type="button"
          :disabled="busy"
          @click="order(going.state === 'PAUSED' ? 'RESUME' : 'PAUSE')"
        >
          {{ going.state === 'PAUSED' ? 'Go on' : 'Pause' }}
        </button>
        <button data-writes class="btn" type="button" :disabled="busy" @click="order('STOP')">
          Stop
        </button>
      </template>
      <button
        v-if="silent && going.heard.length"
        data-writes
        class="btn"
        type="button"
        :disabled="busy"
        @click="take"
      >
        Take in what was heard
      </button>
    </div>
    <form
      v-else-if="!closed && commandable.length"
      data-writes
      class="acts"
      @submit.prevent="start"
    >
      <select
        v-if="commandable.length > 1"
        v-model="chosen"
        class="field"
        aria-label="Which recorder"
      >
        <option v-for="r in commandable" :key="r.id" :value="r.id">{{ r.name }}</option>
      </select>
      <button class="btn" :disabled="busy">
        {{ recording ? 'Record once more' : 'Start recording' }}
      </button>
    </form>
    <details v-if="going?.heard.length">
      <summary>What is heard</summary>
      <ol ref="list" tabindex="0" aria-label="What is heard">
        <li v-for="h in going.heard" :key="h.n">
          <span class="who">
            {{ h.speaker }}
            <span v-if="h.startMs !== null" class="figures">{{ offset(h.startMs) }}</span>
          </span>
          {{ h.text }}
        </li>
      </ol>
    </details>
  </section>
</template>

<style scoped>
.section-head .running {
  color: var(--green);
  font-weight: 600;
}

p.small {
  padding-top: 6px;
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 8px;
}

details {
  margin-top: 10px;
}

summary {
  cursor: pointer;
  font: 600 13px/1.3 var(--sans);
  color: var(--ink-2);
}

ol {
  max-height: 320px;
  overflow-y: auto;
  margin-top: 6px;
  padding: 4px 8px;
  border: 1px solid var(--rule);
  background: var(--paper-2);
}

li {
  padding: 4px 0;
  font: 14px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

.who {
  display: block;
  font: 600 12px/1.4 var(--sans);
  color: var(--ink-2);
}
</style>
