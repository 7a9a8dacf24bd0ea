<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import AnswerActs from './AnswerActs.vue'
import AskOn from './AskOn.vue'
import FirstQuestions from './FirstQuestions.vue'
import KeepAnswer from './KeepAnswer.vue'
import KeptAgain from './KeptAgain.vue'
import KeptQuestions from './KeptQuestions.vue'
import LampAnswer from './LampAnswer.vue'
import LampFacets from './LampFacets.vue'
import LampNarrowings from './LampNarrowings.vue'
import LampPlaces from './LampPlaces.vue'
import LampReading from './LampReading.vue'
import SaidThere from './SaidThere.vue'
import { narrowed } from './searchWords'
import { useAnswer } from './useAnswer'

const route = useRoute()
const typed = computed(() => String(route.query.q ?? ''))
const q = computed(() => typed.value.trim())
const kept = computed(() => (q.value ? '' : String(route.query.kept ?? '')))
const { asks, asked, where, answered, failure, looking, retry, read, ask, askIn, askOn } =
  useAnswer(q)

/** What is looked for word by word; of a question, its subject. */
const sought = computed(() => {
  const reading = answered.value?.reading
  // What is being typed may end in a space: the last word is whole then.
  const words = asks.value
    ? reading
      ? [reading.about, ...reading.people].join(' ').trim()
      : ''
    : typed.value.trimStart()
  const { folio, draft, series, collection } = where.value ?? {}
  if (!words || draft) return ''
  if (folio) return narrowed(words, 'FOLIO', String(folio))
  if (series) return narrowed(words, 'SERIES', series)
  return collection ? narrowed(words, 'COLLECTION', collection) : words
})

/** The first places are enough for most; the others are fetched when somebody wants them. */
const FIRST = 40
const ALL = 200
const most = ref(FIRST)
watch(sought, () => (most.value = FIRST))

const { data, error, refetch } = useQuery({
  queryKey: ['lamp', sought, most],
  queryFn: () =>
    answer(api.GET('/api/lamp', { params: { query: { q: sought.value, most: most.value } } })),
  enabled: computed(() => sought.value.trim() !== ''),
  placeholderData: keepPreviousData,
})
</script>

<template>
  <div :class="['lamp', { asked: asks ? answered : q }]">
    <h1 class="unseen">Lamp</h1>
    <KeptAgain v-if="kept" :id="kept" />
    <EmptyState v-else-if="!q" title="What are you looking for?">
      The lamp looks through every line that was filed, and through every word it rests on. Ask a
      question, or name words to be found.
      <template #next><FirstQuestions /></template>
    </EmptyState>
    <div v-else class="says">
      <template v-if="asks">
        <ErrorNote v-if="failure" :error="failure" @retry="retry()" />
        <template v-else-if="answered">
          <LampReading :reading="answered.reading" :where="where" @read="read" @ask-in="askIn" />
          <LampAnswer :answer="answered" :class="{ waiting: looking }">
            <AnswerActs v-if="answered.answered" :asked="asked" :answer="answered">
              <KeepAnswer :asked="asked" />
            </AnswerActs>
            <KeepAnswer v-else :asked="asked" />
          </LampAnswer>
          <AskOn @ask="(further) => askOn(further, answered!.reading)" />
        </template>
        <p v-else class="small" role="status">Looking through the ledger …</p>
      </template>
      <p v-else class="small ask">
        <button class="btn quiet" type="button" @click="ask">Ask this as a question</button>
      </p>
    </div>
    <KeptQuestions v-if="!q && !kept" />
    <SaidThere v-if="asks && answered?.answered && !failure" :answer="answered" class="there" />
    <div v-if="q" class="places">
      <ErrorNote v-if="error" :error="error" @retry="refetch()" />
      <template v-else-if="data && sought">
        <LampNarrowings v-if="!asks" :findings="data" />
        <h2 v-if="asks && data.folios.length" class="section-head">
          Places that speak of {{ data.words }}
        </h2>
        <template v-if="data.folios.length">
          <LampPlaces :findings="data" />
          <p v-if="most < ALL && data.total > most" class="more">
            <button class="btn" type="button" @click="most = ALL">Show more places</button>
          </p>
        </template>
        <EmptyState v-else-if="!asks" title="The ledger does not say">
          No filed line and no passage behind one has “{{ data.words || data.query }}”, a word of it
          or one like it<template v-if="data.narrowings.length">
            among what you narrowed it to</template
          >.
        </EmptyState>
      </template>
    </div>
    <LampFacets
      v-if="q && !asks && data && (data.facets.length || data.narrowings.length)"
      :findings="data"
      class="there"
    />
  </div>
</template>

<style scoped>
.lamp {
  max-width: 900px;
  margin: 0 auto;
  padding: 24px 30px 50px;
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

.lamp.asked:has(.facets) {
  grid-template-columns: 1fr 270px;
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

.ask .btn {
  margin-left: -10px;
}

.waiting {
  opacity: 0.6;
}

.more {
  margin-top: 16px;
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
