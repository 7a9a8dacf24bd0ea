<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, onVersion, sendForm } from '../api/client'
import { messageOf, Problem } from '../api/problem'
import { keys, outdate, usePeople } from '../api/queries'
import type { BroughtIn, Person, PersonFacts } from '../api/types'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { count } from '../shared/words'
import PersonForm from './PersonForm.vue'

const { data: people, error, refetch } = usePeople()
const { say } = useNotices()
const editing = ref<string | 'new' | null>(null)
const refused = ref('')

function edit(what: string | null) {
  editing.value = what
  refused.value = ''
}

const file = ref<HTMLInputElement>()
const leftOut = ref<string[]>([])

/** Whoever is on the roster already stays as they are. */
async function bringIn() {
  const chosen = file.value?.files?.[0]
  if (!file.value || !chosen) return
  const form = new FormData()
  form.append('file', chosen)
  file.value.value = ''
  leftOut.value = []
  try {
    const result = await sendForm<BroughtIn>('/api/people/file', form)
    leftOut.value = result.leftOut
    const known = result.known.length ? `; ${result.known.length} known already` : ''
    say(`${count(result.added, 'person', 'people')} added${known}.`)
    await outdate(keys.people)
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}

async function keep(facts: PersonFacts, person?: Person) {
  try {
    await answer(
      person
        ? api.PUT('/api/people/{id}', {
            params: { path: { id: person.id }, header: onVersion(person.version) },
            body: facts,
          })
        : api.POST('/api/people', { body: facts }),
    )
    edit(null)
  } catch (thrown) {
    refused.value = messageOf(thrown)
    if (!(thrown instanceof Problem && thrown.isStale)) return
  }
  await outdate(keys.people)
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="People">
      Who may be meant in a meeting. Other names they go by help to tell who spoke and who is to do
      something. A list comes in as vCards or as a table (CSV) with a column for the name.
      <template #acts>
        <input
          ref="file"
          class="unseen"
          type="file"
          tabindex="-1"
          aria-label="List of people"
          accept=".vcf,.csv,.txt,text/vcard,text/csv"
          data-testid="people-file"
          @change="bringIn"
        />
        <button data-writes class="btn" type="button" @click="file?.click()">
          Bring in a list
        </button>
        <button data-writes class="btn go" type="button" @click="edit('new')">Add a person</button>
      </template>
    </PageHead>
    <p v-for="entry in leftOut" :key="entry" class="red left-out" role="alert">
      Left out: {{ entry }}
    </p>
    <PersonForm
      v-if="editing === 'new'"
      :refused="refused"
      @keep="keep($event)"
      @cancel="edit(null)"
    />
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <table v-else-if="people?.length">
      <thead>
        <tr>
          <th scope="col">Name</th>
          <th scope="col">Role</th>
          <th scope="col">Mail address</th>
          <th scope="col">Also called</th>
          <th scope="col"><span class="unseen">Change</span></th>
        </tr>
      </thead>
      <tbody>
        <template v-for="person in people" :key="person.id">
          <tr v-if="editing === person.id">
            <td colspan="5">
              <PersonForm
                :person="person"
                :refused="refused"
                @keep="keep($event, person)"
                @cancel="edit(null)"
              />
            </td>
          </tr>
          <tr v-else>
            <th scope="row">
              <RouterLink :to="`/people/${person.id}`">{{ person.name }}</RouterLink>
            </th>
            <td>{{ person.role }}</td>
            <td>{{ person.email }}</td>
            <td>{{ person.aliases.join(', ') }}</td>
            <td class="end">
              <button
                data-writes
                class="btn quiet"
                type="button"
                :aria-label="`Change ${person.name}`"
                @click="edit(person.id)"
              >
                Change
              </button>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <EmptyState v-else-if="people && editing !== 'new'" title="Nobody is on the roster yet">
      The people of your meetings stand here. Speakers of a transcript can be added from it, too.
      <template #next>
        <button data-writes class="btn go" type="button" @click="edit('new')">Add a person</button>
      </template>
    </EmptyState>
  </div>
</template>

<style scoped>
.left-out {
  margin-top: 8px;
}

table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 20px;
}

th,
td {
  text-align: left;
  padding: 7px 14px 7px 0;
  border-bottom: 1px solid var(--rule);
  vertical-align: baseline;
  overflow-wrap: anywhere;
}

thead th {
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
  border-bottom-color: var(--rule-strong);
}

tbody th {
  font: 500 16px/1.4 var(--serif);
}

.end {
  text-align: right;
  padding-right: 0;
}
</style>
