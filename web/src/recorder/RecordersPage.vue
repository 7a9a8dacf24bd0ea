<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate, useRecorders } from '../api/queries'
import type { Recorder } from '../api/types'
import { arrival } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import ToldOnce from '../shared/ToldOnce.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from '../signin/session'

const { say, attempt } = useNotices()
const session = useSession()
const { data, error, refetch } = useRecorders()

const adding = ref(false)
const name = ref('')
const control = ref('')
const { refused, run } = useDeed()
/** The secret of the recorder that was just set up: it is told this once. */
const fresh = ref<{ id: string; secret: string } | null>(null)

const address = (recorder: Recorder) => location.origin + recorder.path

async function setUp() {
  await run(async () => {
    const made = await answer(
      api.POST('/api/recorders', {
        body: { name: name.value, control: control.value.trim() || null },
      }),
    )
    fresh.value = { id: made.recorder.id, secret: made.secret }
    adding.value = false
    name.value = control.value = ''
  })
  await outdate(keys.recorders)
}

async function remove(recorder: Recorder) {
  const path = { id: recorder.id }
  if (await attempt(answer(api.DELETE('/api/recorders/{id}', { params: { path } })))) {
    say(`${recorder.name} is taken away; what it brought stays.`)
  }
  await outdate(keys.recorders)
}
</script>

<template>
  <div class="column-page">
    <PageHead title="Recorders">
      A recorder delivers what it heard by signed webhook, live and at the end, whoever started it.
      What it brings goes to its meeting by hour and title, and is drafted; what fits none waits in
      the tray.
      <template #acts>
        <button
          v-if="session.administers.value"
          class="btn go"
          type="button"
          :aria-expanded="adding"
          @click="adding = !adding"
        >
          Set up a recorder
        </button>
      </template>
    </PageHead>
    <form v-if="adding" class="paired" @submit.prevent="setUp">
      <label>
        <span class="label">Name</span>
        <input v-model="name" class="field" required maxlength="120" placeholder="Boat hall" />
      </label>
      <label>
        <span class="label">Address at which it takes commands, where it does</span>
        <input v-model="control" class="field" type="url" maxlength="1000" />
      </label>
      <div class="foot">
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go">Set up</button>
      </div>
    </form>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <ul v-else-if="data?.length" class="entries">
      <li v-for="recorder in data" :key="recorder.id">
        <div>
          <h2 class="name">{{ recorder.name }}</h2>
          <p class="small">
            delivers to <code>{{ address(recorder) }}</code>
          </p>
          <p v-if="recorder.control" class="small">
            takes commands at <code>{{ recorder.control }}</code>
          </p>
          <p class="small" role="status">
            {{
              recorder.heardAt ? `last heard of ${arrival(recorder.heardAt)}` : 'never heard of yet'
            }}
          </p>
          <ToldOnce v-if="fresh?.id === recorder.id" :words="fresh.secret">
            Enter this address and this secret in the recorder. The secret is shown this once.
          </ToldOnce>
        </div>
        <button
          v-if="session.administers.value"
          class="btn quiet"
          type="button"
          :aria-label="`Take ${recorder.name} away`"
          @click="remove(recorder)"
        >
          Take away
        </button>
      </li>
    </ul>
    <EmptyState v-else-if="data && !adding" title="No recorder is set up">
      Transcripts can be dropped into the tray as well. With a recorder they come by themselves.
      <template #next>
        <p v-if="!session.administers.value" class="small">
          An administrator of the team sets recorders up.
        </p>
        <button v-else class="btn go" type="button" @click="adding = true">
          Set up a recorder
        </button>
      </template>
    </EmptyState>
  </div>
</template>

<style scoped>
code {
  font:
    13px/1.5 ui-monospace,
    monospace;
  overflow-wrap: anywhere;
}
</style>
