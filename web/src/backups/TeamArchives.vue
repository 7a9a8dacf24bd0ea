<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import { arrival } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { useAsked } from '../shared/useAsked'
import { useDeed } from '../shared/useDeed'
import { fileSize } from '../shared/words'

/** All that the team has in one file, to take along to another installation. */
const WHILE_ONE_IS_MADE_MS = 1500
const SHORTEST_PASSPHRASE = 12

const { data, error, refetch } = useQuery({
  queryKey: [keys.teamArchives],
  queryFn: () => answer(api.GET('/api/team-archives')),
  refetchInterval: (query) =>
    query.state.data?.some((a) => !a.finishedAt) ? WHILE_ONE_IS_MADE_MS : false,
})
const { busy, refused, run } = useDeed()
const { asked, typed: passphrase, ask, leave } = useAsked()
const making = computed(() => data.value?.some((a) => !a.finishedAt) ?? false)

async function make() {
  const done = await run(() =>
    answer(api.POST('/api/team-archives', { body: { passphrase: passphrase.value } })),
  )
  await outdate(keys.teamArchives)
  if (done) await leave()
}

async function remove(id: string) {
  await run(() => answer(api.DELETE('/api/team-archives/{id}', { params: { path: { id } } })))
  await outdate(keys.teamArchives)
}
</script>

<template>
  <section class="archives" aria-labelledby="archives">
    <h2 id="archives">This team in one file</h2>
    <p class="small">
      Everything your team has, people, meetings, sources, minutes and settings, to take to another
      installation. Stored passwords for other servers lie in it too, so it is encrypted.
      <code>./lamp move-in</code> reads it there.
    </p>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="data">
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <button v-if="!asked" ref="opener" class="btn" type="button" :disabled="making" @click="ask">
        {{ making ? 'Making the archive …' : 'Make an archive …' }}
      </button>
      <form v-else class="order" @submit.prevent="make" @keydown.esc.prevent="leave">
        <label>
          <span class="label">Passphrase it opens with, at least 12 characters</span>
          <input
            ref="field"
            v-model="passphrase"
            class="field"
            type="password"
            autocomplete="new-password"
            required
            :minlength="SHORTEST_PASSPHRASE"
            maxlength="200"
          />
        </label>
        <p class="small">It is stored nowhere: without it nobody can open the file.</p>
        <div class="acts">
          <button class="btn" type="button" @click="leave">Leave it</button>
          <button class="btn go" :disabled="busy || passphrase.length < SHORTEST_PASSPHRASE">
            Make the archive
          </button>
        </div>
      </form>
      <table v-if="data.length" class="happenings">
        <thead>
          <tr>
            <th scope="col">Ordered</th>
            <th scope="col">By</th>
            <th scope="col" class="figures">Size</th>
            <th scope="col">State</th>
            <th scope="col"><span class="unseen">Acts</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="archive in data" :key="archive.id">
            <td class="figures">{{ arrival(archive.orderedAt) }}</td>
            <td>{{ archive.orderedBy }}</td>
            <td class="figures">{{ archive.file ? fileSize(archive.bytes) : '' }}</td>
            <td>
              <span v-if="archive.problem" class="red">not made: {{ archive.problem }}</span>
              <template v-else-if="archive.deletedAt">
                read back and whole; will be deleted {{ arrival(archive.deletedAt) }}
              </template>
              <template v-else>being made</template>
            </td>
            <td class="deeds">
              <a
                v-if="archive.file"
                class="btn"
                :href="`/api/team-archives/${archive.id}/file`"
                download
                >Download</a
              >
              <button
                v-if="archive.finishedAt"
                class="btn"
                type="button"
                :disabled="busy"
                @click="remove(archive.id)"
              >
                Delete
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.archives {
  margin-top: 44px;
}

h2 {
  margin-bottom: 6px;
  font-size: 20px;
}

.btn {
  margin-top: 12px;
}

.order {
  max-width: 460px;
  margin-top: 12px;
}

.order .small {
  margin-top: 6px;
}

.acts {
  display: flex;
  gap: 8px;
}

table {
  margin-top: 18px;
}

td {
  vertical-align: middle;
}

.deeds {
  text-align: right;
  white-space: nowrap;
}

.deeds .btn {
  margin-top: 0;
}

.deeds > * + * {
  margin-left: 6px;
}
</style>
