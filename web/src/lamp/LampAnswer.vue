<script setup lang="ts">
import { computed } from 'vue'
import type { LampAnswer, Novelty } from '../api/types'
import { longDay } from '../shared/dates'
import AnswerTable from './AnswerTable.vue'
import { homeAddress, named, placeAddress, placeName } from './placeAddress'
import { statementGroups } from './statementGroups'

/**
 * What the ledger says, each statement with the folios it rests on; or that it does not say. With novelties, what is new
 * since the answer that is kept says so.
 */
const props = defineProps<{ answer: LampAnswer; novelties?: Novelty[] }>()
/** What is new is marked in the text; a table has no room for it. */
const isTable = computed(
  () => props.answer.answered && props.answer.reading.form === 'TABLE' && !props.novelties,
)
const groups = computed(() => statementGroups(props.answer.statements))

function novelty(statement: LampAnswer['statements'][number]): Novelty | undefined {
  const its = props.novelties?.[props.answer.statements.indexOf(statement)]
  return its?.news === 'SAME' ? undefined : its
}
</script>

<template>
  <section :class="['answer', { lamplight: answer.answered }]" aria-label="Answer" role="status">
    <h2 v-if="!answer.answered">The ledger does not say</h2>
    <p v-if="!answer.answered" class="small">
      {{
        answer.statements.length
          ? 'Nothing that is filed speaks of all that was asked. These places come nearest.'
          : 'Nothing that is filed speaks of it.'
      }}
    </p>
    <AnswerTable v-if="isTable" :answer="answer" />
    <div v-for="(group, g) in isTable ? [] : groups" :key="g" class="group">
      <p v-if="group.day" class="lead">{{ longDay(group.day) }}</p>
      <p v-for="(s, i) in group.recorded" :key="i" class="recorded">
        <b v-if="novelty(s)" class="news">{{ novelty(s)?.was ? 'changed' : 'new' }}</b>
        <span v-if="s.lead" class="lead">{{ s.lead }}</span>
        {{ s.text }}
        <RouterLink
          v-for="place in named(s.citations)"
          :key="placeName(place)"
          class="folio-no"
          :to="placeAddress(place)"
          >{{ placeName(place) }}</RouterLink
        >
        <del v-if="novelty(s)?.was" class="small">
          {{ [novelty(s)!.was!.lead, novelty(s)!.was!.text].filter(Boolean).join(': ') }}
        </del>
      </p>
      <p v-if="group.said.length" class="said">
        <template v-for="(s, i) in group.said" :key="i">
          <b v-if="novelty(s)" class="news">{{ novelty(s)?.was ? 'changed' : 'new' }}</b>
          <b v-if="s.lead" class="who">{{ s.lead }}</b> “{{ s.text }}”{{ ' ' }}
        </template>
        <RouterLink
          v-for="place in group.places"
          :key="homeAddress(place)"
          class="folio-no"
          :to="homeAddress(place)"
          >{{ place.folio === null ? 'the draft' : `folio ${place.folio}` }}</RouterLink
        >
      </p>
    </div>
    <p v-if="answer.notSaid" class="not-said small">
      The ledger does not say: “{{ answer.notSaid }}”
    </p>
    <div class="acts"><slot /></div>
  </section>
</template>

<style scoped>
.answer {
  margin-top: 16px;
  padding: 16px 20px 14px;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
}

.lamplight {
  background: linear-gradient(
    180deg,
    var(--lamp),
    color-mix(in srgb, var(--lamp) 35%, var(--paper))
  );
  border-color: var(--lamp-edge);
  box-shadow: var(--glow);
}

.not-said {
  margin-top: 10px;
}

h2 {
  font: 600 17px/1.3 var(--serif);
  margin-bottom: 2px;
}

.small + .group,
.group + .group {
  margin-top: 12px;
}

.group p {
  overflow-wrap: anywhere;
}

.recorded {
  font: 17px/1.5 var(--serif);
}

.said {
  font: 15.5px/1.6 var(--serif);
}

.lead {
  font: 600 12.5px/1.6 var(--sans);
  color: var(--ink-2);
}

.recorded .lead {
  margin-right: 6px;
}

.who {
  font: 650 12.5px/1 var(--sans);
}

.news {
  margin-right: 6px;
  padding: 1px 6px;
  border: 1px solid var(--lamp-edge);
  border-radius: 2px;
  background: var(--paper);
  font: 600 11.5px/1.5 var(--sans);
  vertical-align: 2px;
}

del {
  display: block;
}

.folio-no {
  margin-right: 4px;
  background: var(--paper);
  vertical-align: 2px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  justify-content: flex-end;
  margin-top: 10px;
}

.acts:empty {
  display: none;
}

@media print {
  .acts {
    display: none;
  }
}
</style>
