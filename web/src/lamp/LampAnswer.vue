<script setup lang="ts">
import { computed } from 'vue'
import type { LampAnswer } from '../api/types'
import { longDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import { named, placeName, plainAnswer } from './plainAnswer'
import { statementGroups } from './statementGroups'

/** What the ledger says, each statement with the folios it rests on; or that it does not say. */
const props = defineProps<{ answer: LampAnswer }>()
const { say, attempt } = useNotices()
const groups = computed(() => statementGroups(props.answer.statements))

async function copy() {
  if (await attempt(navigator.clipboard.writeText(plainAnswer(props.answer))))
    say('The answer is copied with its folios.')
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
    <div v-for="(group, g) in groups" :key="g" class="group">
      <p v-if="group.day" class="lead">{{ longDay(group.day) }}</p>
      <p v-for="(s, i) in group.recorded" :key="i" class="recorded">
        <span v-if="s.lead" class="lead">{{ s.lead }}</span>
        {{ s.text }}
        <RouterLink
          v-for="place in named(s.citations)"
          :key="placeName(place)"
          class="folio-no"
          :to="folioAddress(place.folio, place.line)"
          >{{ placeName(place) }}</RouterLink
        >
      </p>
      <p v-if="group.said.length" class="said">
        <template v-for="(s, i) in group.said" :key="i">
          <b v-if="s.lead">{{ s.lead }}</b> “{{ s.text }}”{{ ' ' }}
        </template>
        <RouterLink
          v-for="place in group.places"
          :key="place.folio"
          class="folio-no"
          :to="folioAddress(place.folio)"
          >folio {{ place.folio }}</RouterLink
        >
      </p>
    </div>
    <p v-if="answer.answered" class="acts">
      <button class="btn" type="button" @click="copy">Copy with folios</button>
    </p>
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

.said b {
  font: 650 12.5px/1 var(--sans);
}

.folio-no {
  margin-right: 4px;
  background: var(--paper);
  vertical-align: 2px;
}

.acts {
  display: flex;
  justify-content: flex-end;
  margin-top: 10px;
}

@media print {
  .acts {
    display: none;
  }
}
</style>
