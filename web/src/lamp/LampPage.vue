<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { longDay } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import { count } from '../shared/words'
import LampAnswer from './LampAnswer.vue'
import LampHit from './LampHit.vue'
import LampReading from './LampReading.vue'
import SaidThere from './SaidThere.vue'
import { useAnswer } from './useAnswer'

const route = useRoute()
const q = computed(() => String(route.query.q ?? '').trim())
const { asks, where, answered, failure, looking, retry, read, ask, askIn } = useAnswer(q)

/** A question is not looked for word by word: its subject is. */
const sought = computed(() => {
  if (!asks.value) return q.value
  // A part of the ledger answers for itself; these places are of the whole.
  if (where.value) return ''
  const reading = answered.value?.reading
  return reading ? [reading.about, ...reading.people].join(' ').trim() : ''
})

const { data, error, refetch } = useQuery({
  queryKey: ['lamp', sought],
  queryFn: () => answer(api.GET('/api/lamp', { params: { query: { q: sought.value } } })),
  enabled: computed(() => sought.value !== ''),
  placeholderData: keepPreviousData,
})
</script>

<template>
  <div :class="['lamp', { asked: asks && answered }]">
    <h1 class="unseen">Lamp</h1>
    <EmptyState v-if="!q" title="What are you looking for?">
      The lamp looks through every line that was filed, and through every word it rests on. Ask a
      question, or name words to be found.
    </EmptyState>
    <div v-else class="says">
      <template v-if="asks">
        <ErrorNote v-if="failure" :error="failure" @retry="retry()" />
        <template v-else-if="answered">
          <LampReading :reading="answered.reading" :where="where" @read="read" @ask-in="askIn" />
          <LampAnswer :answer="answered" :class="{ waiting: looking }" />
        </template>
        <p v-else class="small" role="status">Looking through the ledger …</p>
      </template>
      <p v-else class="small ask">
        <button class="btn quiet" type="button" @click="ask">Ask this as a question</button>
      </p>
    </div>
    <SaidThere v-if="asks && answered?.answered && !failure" :answer="answered" class="there" />
    <div v-if="q" class="places">
      <ErrorNote v-if="error" :error="error" @retry="refetch()" />
      <EmptyState v-else-if="data && !data.folios.length && !asks" title="The ledger does not say">
        No filed line and no passage behind one has “{{ data.query }}” or a word of it.
      </EmptyState>
      <template v-else-if="data && data.folios.length && sought">
        <h2 v-if="asks" class="section-head">Places that speak of {{ data.query }}</h2>
        <p class="small" role="status">
          {{ count(data.total, 'place') }} in {{ count(data.folios.length, 'folio') }}
          <template v-if="data.widened">
            · nothing has all the words, so these have some of them
          </template>
        </p>
        <section v-for="found in data.folios" :key="found.folio" :aria-label="found.title">
          <h2 class="of">
            <RouterLink :to="folioAddress(found.folio)">{{ found.title }}</RouterLink>
            <span class="small figures">{{ longDay(found.date) }}</span>
            <span class="folio-no">folio {{ found.folio }}</span>
          </h2>
          <ol>
            <LampHit v-for="(hit, i) in found.hits" :key="i" :hit="hit" :folio="found.folio" />
          </ol>
          <p v-if="found.more" class="small more">and {{ found.more }} more in this folio</p>
        </section>
      </template>
    </div>
  </div>
</template>

<style scoped>
.lamp {
  max-width: 900px;
  margin: 0 auto;
  padding: 24px 30px 50px;
}

section {
  margin-top: 22px;
}

.lamp.asked {
  min-height: calc(100vh - 74px);
  padding: 0;
}

.lamp.asked:has(.there) {
  display: grid;
  grid-template: 'says there' auto 'places there' 1fr / 1fr 380px;
  max-width: none;
}

.asked .says {
  grid-area: says;
  min-width: 0;
  padding: 22px 34px 26px 38px;
}

.asked .places {
  grid-area: places;
  min-width: 0;
  padding: 0 34px 50px 38px;
}

.there {
  grid-area: there;
  padding: 22px 26px 40px;
  background: var(--paper-2);
  border-left: 1px solid var(--rule);
}

.waiting {
  opacity: 0.6;
}

.of {
  display: flex;
  align-items: center;
  gap: 12px;
  border-bottom: 1px solid var(--rule-strong);
  padding-bottom: 6px;
}

h2.of a {
  font: 600 17px/1.3 var(--serif);
  color: var(--ink);
  text-decoration: none;
  overflow-wrap: anywhere;
}

h2.of a:hover {
  text-decoration: underline;
}

h2.of .folio-no {
  margin-left: auto;
}

.more {
  padding: 6px 0 0 104px;
}

@media (max-width: 900px) {
  .lamp,
  .asked .says,
  .asked .places {
    padding: 18px 16px;
  }

  .asked .places {
    padding-top: 16px;
  }

  .lamp.asked:has(.there) {
    display: block;
  }

  .lamp.asked {
    padding: 0;
  }

  .there {
    padding: 14px 16px 22px;
    border: 0;
  }
}
</style>
