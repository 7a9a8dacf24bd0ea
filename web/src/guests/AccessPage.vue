<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Grant } from '../api/types'
import { arrival } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'

/** Who can see what of the team, and letting somebody in. */
const { say, attempt } = useNotices()
const { query } = useRoute()

const { data, error, refetch } = useQuery({
  queryKey: [keys.access],
  queryFn: () => answer(api.GET('/api/access')),
})
const { data: ledger } = useQuery({
  queryKey: [keys.ledger, 'series'],
  queryFn: () => answer(api.GET('/api/ledger')),
})
const series = computed(() => [
  ...new Set((ledger.value?.rows ?? []).map((r) => r.series).filter((s) => s !== null)),
])

const form = reactive({
  name: '',
  email: '',
  into: query.series ? 'series' : 'folio',
  folio: String(query.folio ?? ''),
  series: String(query.series ?? ''),
  writes: false,
})
const { refused, run } = useDeed()

const letIn = () =>
  run(async () => {
    const isFolio = form.into === 'folio'
    await answer(
      api.POST('/api/access', {
        body: {
          name: form.name,
          email: form.email,
          folio: isFolio ? Number(form.folio) : null,
          series: isFolio ? null : form.series,
          writes: form.writes,
        },
      }),
    )
    say(`${form.name} now has access. An invitation is on its way.`, {
      to: { path: '/post', label: 'Post room' },
    })
    form.name = form.email = ''
    await outdate(keys.access, keys.post)
  })

const path = (grant: Grant) => ({ params: { path: { id: grant.id } } })

async function write(grant: Grant, writes: boolean) {
  const put = api.PUT('/api/access/{id}', { ...path(grant), body: { writes } })
  if (await attempt(answer(put))) await outdate(keys.access)
}

async function revoke(grant: Grant) {
  if (await attempt(answer(api.DELETE('/api/access/{id}', path(grant))))) await outdate(keys.access)
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Access">
      Guests see single folios, or the folios of one series, and nothing else.
      <RouterLink to="/members">Members</RouterLink> see everything except each other’s private
      margins.
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <div v-else-if="data" class="list-and-form">
      <section aria-label="Who can see what">
        <h2 class="section-head">
          Let in <span>{{ data.guests.length }}</span>
        </h2>
        <p v-if="!data.guests.length" class="small">No guests.</p>
        <ul>
          <li v-for="guest in data.guests" :key="guest.id">
            <p>
              <b>{{ guest.name }}</b> <span class="small">{{ guest.email }}</span>
              <span v-if="!guest.joined" class="small"> · has not chosen a password yet</span>
            </p>
            <ul class="grants">
              <li v-for="grant in guest.grants" :key="grant.id">
                <span>
                  <RouterLink v-if="grant.folio !== null" :to="folioAddress(grant.folio)">
                    folio {{ grant.folio }}
                  </RouterLink>
                  <template v-else>all of {{ grant.series }}</template>
                  <span class="small"> · by {{ grant.by }}, {{ arrival(grant.at) }}</span>
                </span>
                <select
                  class="btn"
                  :aria-label="`What ${guest.name} may do there`"
                  :value="grant.writes ? 'write' : 'read'"
                  @change="write(grant, ($event.target as HTMLSelectElement).value === 'write')"
                >
                  <option value="read">reads</option>
                  <option value="write">reads and writes</option>
                </select>
                <button
                  class="btn quiet"
                  type="button"
                  :aria-label="`Take back from ${guest.name}`"
                  @click="revoke(grant)"
                >
                  Take back
                </button>
              </li>
            </ul>
          </li>
        </ul>
      </section>
      <form class="sheet" aria-label="Let somebody in" @submit.prevent="letIn">
        <h2>Let somebody in</h2>
        <label>
          <span class="label">Name</span>
          <input v-model="form.name" class="field" required maxlength="120" />
        </label>
        <label>
          <span class="label">Email address</span>
          <input v-model="form.email" class="field" type="email" required maxlength="254" />
        </label>
        <label>
          <span class="label">Into</span>
          <select v-model="form.into" class="field">
            <option value="folio">one folio</option>
            <option value="series">a series, with all folios to come</option>
          </select>
        </label>
        <label v-if="form.into === 'folio'">
          <span class="label">Folio</span>
          <input
            v-model="form.folio"
            class="field"
            inputmode="numeric"
            pattern="[0-9]+"
            required
            placeholder="27"
          />
        </label>
        <label v-else>
          <span class="label">Series</span>
          <input v-model="form.series" class="field" required maxlength="160" list="series" />
          <datalist id="series">
            <option v-for="s in series" :key="s" :value="s" />
          </datalist>
        </label>
        <label class="check">
          <input v-model="form.writes" type="checkbox" /> may also write
        </label>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go">Let in</button>
      </form>
    </div>
  </div>
</template>

<style scoped>
section h2:not(:first-child) {
  margin-top: 26px;
}

section > ul > li {
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
  overflow-wrap: anywhere;
}

.grants li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  padding: 3px 0 3px 14px;
}

.grants li > span {
  flex: 1;
  min-width: 160px;
}

.grants select {
  min-height: 28px;
  font-weight: 500;
}

form .btn {
  justify-self: start;
}
</style>
