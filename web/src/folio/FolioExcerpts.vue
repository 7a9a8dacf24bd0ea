<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Excerpt, Line } from '../api/types'
import { arrival, shortDay } from '../shared/dates'
import { cited } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import { count, listed } from '../shared/words'

/** The parts of a folio that can be read by whoever has their address, and who did. */
const props = defineProps<{ folio: number; lines: Line[] }>()
const { attempt } = useNotices()

const { data } = useQuery({
  queryKey: [keys.excerpts, props.folio],
  queryFn: () =>
    answer(api.GET('/api/folios/{number}/excerpts', { params: { path: { number: props.folio } } })),
})
const all = computed(() => data.value ?? [])

function numbers(excerpt: Excerpt): string {
  const found = excerpt.lines.map((id) => props.lines.find((l) => l.id === id)?.number)
  return listed(
    found.filter((n) => n != null).map((n) => cited(props.folio, n)),
    6,
  )
}

const isOpen = (excerpt: Excerpt) => !excerpt.revokedAt && new Date(excerpt.expiresAt) > new Date()

function standing(excerpt: Excerpt): string {
  if (excerpt.revokedAt) return `revoked ${arrival(excerpt.revokedAt)}`
  const until = shortDay(excerpt.expiresAt.slice(0, 10))
  return isOpen(excerpt) ? `open until ${until}` : `ran out ${until}`
}

async function revoke(excerpt: Excerpt) {
  const deed = api.DELETE('/api/excerpts/{id}', { params: { path: { id: excerpt.id } } })
  if (await attempt(answer(deed))) await outdate(keys.excerpts)
}
</script>

<template>
  <section v-if="all.length" class="no-print" aria-label="Excerpts">
    <h2 class="section-head">
      Excerpts <span>{{ all.length }}</span>
    </h2>
    <ul>
      <li v-for="excerpt in all" :key="excerpt.id">
        <div>
          <p>
            {{ numbers(excerpt) || 'lines that were struck since' }}
            <span class="small">
              {{ excerpt.passages ? '· with the words behind them' : '' }}
              {{ excerpt.locked ? '· behind a passphrase' : '' }}
            </span>
          </p>
          <p class="small">
            {{ standing(excerpt) }} · made by {{ excerpt.madeBy }}, {{ arrival(excerpt.madeAt) }}
          </p>
          <details v-if="excerpt.openings.length" class="small">
            <summary>opened {{ count(excerpt.openings.length, 'time') }}</summary>
            <ul>
              <li v-for="(opening, i) in excerpt.openings" :key="i">
                {{ arrival(opening.at) }} from {{ opening.sender
                }}<span v-if="!opening.granted" class="red">, with a wrong passphrase</span>
              </li>
            </ul>
          </details>
          <p v-else class="small">not opened yet</p>
        </div>
        <button
          v-if="isOpen(excerpt)"
          data-writes
          class="btn"
          type="button"
          @click="revoke(excerpt)"
        >
          Revoke
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 34px;
}

section > ul > li {
  display: flex;
  gap: 14px;
  justify-content: space-between;
  align-items: start;
  padding: 9px 0;
  border-bottom: 1px solid var(--rule);
}
</style>
