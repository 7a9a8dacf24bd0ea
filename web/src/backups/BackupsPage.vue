<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Backup } from '../api/types'
import { arrival } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import { fileSize } from '../shared/words'
import TeamArchives from './TeamArchives.vue'

/** Copies of everything this installation keeps. */
const WHILE_ONE_IS_MADE_MS = 1500
const { data, error, refetch } = useQuery({
  queryKey: [keys.backups],
  queryFn: () => answer(api.GET('/api/backups')),
  refetchInterval: (query) => (underWay(query.state.data?.backups) ? WHILE_ONE_IS_MADE_MS : false),
})
const { busy, refused, run } = useDeed()

function isDue(backup: Backup) {
  return !backup.finishedAt && new Date(backup.due) <= new Date()
}

function underWay(backups: Backup[] | undefined) {
  return backups?.some(isDue) ?? false
}

const made = computed(() => data.value?.backups.filter((b) => b.finishedAt) ?? [])
const next = computed(() => data.value?.backups.find((b) => !b.finishedAt && !isDue(b)))
const making = computed(() => underWay(data.value?.backups))
const readable = computed(() => made.value.some((b) => b.file && !b.encrypted))

async function make() {
  await run(() => answer(api.POST('/api/backups')))
  await outdate(keys.backups)
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Backups">
      Copies of everything this installation keeps, of all its teams. Each is read back into a
      database of its own before it counts.
      <template #acts>
        <button class="btn go" type="button" :disabled="busy || making" @click="make">
          {{ making ? 'Making a backup …' : 'Back up now' }}
        </button>
      </template>
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="data">
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <p role="status" class="plan">
        One is made every day at {{ data.at.slice(0, 5) }} and kept for {{ data.keepDays }}
        {{ data.keepDays === 1 ? 'day' : 'days' }}.
        <template v-if="next">The next: {{ arrival(next.due) }}.</template>
      </p>
      <p class="small">
        They lie on the server, in <code>{{ data.folder }}</code>. Copy them to another machine: one
        on the same disk is lost with it. <code>./lamp restore</code> brings one back.
      </p>
      <p v-if="!data.encrypted || readable" class="small">
        {{ data.encrypted ? 'Some of these' : 'Backups' }} are not encrypted: the key of stored
        passwords, and everything else, can be read by whoever gets at the file.
        <template v-if="!data.encrypted">
          <code>LAMP_BACKUP_KEY</code> names a file with the words to encrypt them with.
        </template>
      </p>
      <table v-if="made.length" class="happenings">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">File</th>
            <th scope="col" class="figures">Size</th>
            <th scope="col">State</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="backup in made" :key="backup.id">
            <td class="figures">{{ arrival(backup.finishedAt!) }}</td>
            <td>{{ backup.file ?? 'none' }}</td>
            <td class="figures">{{ backup.file ? fileSize(backup.bytes) : '' }}</td>
            <td>
              <span v-if="backup.problem" class="red">not made: {{ backup.problem }}</span>
              <template v-else>
                read back and whole{{ backup.encrypted ? ', encrypted' : '' }}
              </template>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-else class="small">None has been made yet.</p>
    </template>
    <TeamArchives />
  </div>
</template>

<style scoped>
.plan {
  margin: 14px 0 6px;
}

code {
  overflow-wrap: anywhere;
}

table {
  margin-top: 18px;
}
</style>
