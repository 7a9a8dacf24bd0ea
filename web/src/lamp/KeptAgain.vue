<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { keys, outdate } from '../api/queries'
import { longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'
import AnswerActs from './AnswerActs.vue'
import LampAnswer from './LampAnswer.vue'
import { named, placeAddress, placeName } from './placeAddress'
import SaidThere from './SaidThere.vue'
import { partInWords } from './where'

/** A kept question asked again: what the ledger says now, and what changed since it was kept. */
const props = defineProps<{ id: string }>()
const path = computed(() => ({ id: props.id }))

const { data, error, refetch } = useQuery({
  queryKey: [keys.kept, path],
  queryFn: () => answer(api.GET('/api/kept/{id}', { params: { path: path.value } })),
  staleTime: 0,
})

const changed = computed(() => data.value?.novelties.filter((s) => s.news !== 'SAME').length ?? 0)
const told = computed(() => {
  const { novelties, gone, kept, answer: now } = data.value!
  const parts = [
    kept.answered !== now.answered &&
      (now.answered ? 'the ledger says it now' : 'it says it no more'),
    changed.value && `${count(changed.value, 'statement')} of ${novelties.length} new or changed`,
    gone.length && `${gone.length} said no longer`,
  ].filter(Boolean)
  return parts.length ? parts.join(', ') : 'nothing changed'
})

const { busy, refused, run } = useDeed()

async function renew() {
  await run(() =>
    answer(
      api.PUT('/api/kept/{id}', {
        params: { path: path.value, header: onVersion(data.value!.kept.version) },
      }),
    ),
  )
  await outdate(keys.kept)
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <p v-else-if="!data" class="small" role="status">Looking through the ledger …</p>
  <template v-else>
    <h2 class="question">{{ data.kept.asked.question }}</h2>
    <p class="small" role="status">
      <template v-if="data.kept.asked.where"
        >of {{ partInWords(data.kept.asked.where) }} ·
      </template>
      kept by {{ data.kept.keptBy }} · since {{ longDay(data.kept.askedOn) }}: {{ told }}
    </p>
    <LampAnswer :answer="data.answer" :novelties="data.novelties">
      <AnswerActs :asked="data.kept.asked" :answer="data.answer">
        <button
          v-if="changed || data.gone.length"
          data-writes
          class="btn go"
          type="button"
          :disabled="busy"
          @click="renew"
        >
          Keep this answer instead
        </button>
      </AnswerActs>
    </LampAnswer>
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <section v-if="data.gone.length" class="gone" aria-label="Said no longer">
      <h2 class="section-head">Said no longer</h2>
      <p v-for="(s, i) in data.gone" :key="i">
        <span v-if="s.lead" class="lead">{{ s.lead }}</span>
        {{ s.said ? `“${s.text}”` : s.text }}
        <RouterLink
          v-for="place in named(s.citations)"
          :key="placeName(place)"
          class="folio-no"
          :to="placeAddress(place)"
          >{{ placeName(place) }}</RouterLink
        >
      </p>
    </section>
    <SaidThere v-if="data.answer.answered" :answer="data.answer" class="rests" />
  </template>
</template>

<style scoped>
.question {
  font: 600 22px/1.3 var(--serif);
  overflow-wrap: anywhere;
}

.gone,
.rests {
  margin-top: 24px;
}

.gone p {
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
  font: 16px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

.lead {
  margin-right: 6px;
  font: 600 12.5px/1.6 var(--sans);
  color: var(--ink-2);
}
</style>
