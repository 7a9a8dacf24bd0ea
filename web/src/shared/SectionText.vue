<script setup lang="ts">
import { computed } from 'vue'
import type { Minutes, Person } from '../api/types'
import { clockTime, longDay, shortDay } from './dates'
import { cited, folioAddress } from './folioNumbers'
import type { PageSection } from './sections'
import SpeakingFigures from './SpeakingFigures.vue'

/** A section that holds no lines: what the meeting, its series or the template say. */
const props = defineProps<{ section: PageSection; minutes: Minutes; people: Person[] }>()

const facts = computed(() => {
  const m = props.minutes.meeting
  return [
    ['Date', longDay(m.date)],
    ['Time', m.start && `${clockTime(m.start)} ${m.zone}`],
    ['Planned', m.plannedMinutes && `${m.plannedMinutes} minutes`],
    ['Place', m.location],
    ['Kind', m.kind],
    ['Series', m.series],
  ].filter((fact): fact is [string, string] => Boolean(fact[1]))
})

const isEmpty = computed(() => {
  const { content } = props.section
  if (content === 'AGENDA') return props.minutes.meeting.agenda.length === 0
  return content === 'MATTERS_ARISING' && props.minutes.mattersArising.length === 0
})

function owned(ownerId: string | null, text: string): string {
  const owner = props.people.find((p) => p.id === ownerId)?.name
  return owner && !text.includes(owner) ? owner : ''
}
</script>

<template>
  <p v-if="isEmpty" class="small">None.</p>
  <dl v-else-if="section.content === 'FACTS'" class="facts">
    <template v-for="[name, value] in facts" :key="name">
      <dt>{{ name }}</dt>
      <dd>{{ value }}</dd>
    </template>
  </dl>
  <ol v-else-if="section.content === 'AGENDA'" class="agenda">
    <li v-for="item in minutes.meeting.agenda" :key="item">{{ item }}</li>
  </ol>
  <ul v-else-if="section.content === 'MATTERS_ARISING'" class="matters">
    <li v-for="matter in minutes.mattersArising" :key="matter.number">
      <RouterLink class="figures" :to="folioAddress(matter.folio, matter.number)">
        {{ cited(matter.folio, matter.number) }}
      </RouterLink>
      <p>
        <span v-if="section.form === 'CHECK_BOXES'" class="box" aria-hidden="true">{{
          matter.open ? '☐' : '☑'
        }}</span>
        <span class="unseen">{{ matter.open ? 'open: ' : 'closed: ' }}</span>
        {{ matter.text }}
      </p>
      <span class="aside figures">{{
        [owned(matter.ownerId, matter.text), matter.due && shortDay(matter.due)]
          .filter(Boolean)
          .join(' · ')
      }}</span>
    </li>
  </ul>
  <SpeakingFigures
    v-else-if="section.content === 'SPEAKING'"
    :attendance="minutes.attendance"
    :figures="minutes.figures"
  />
  <ul v-else-if="section.content === 'PROMPTS'" class="prompts no-print">
    <li v-for="prompt in section.text" :key="prompt">{{ prompt }}</li>
  </ul>
  <template v-else>
    <p v-for="line in section.text" :key="line">{{ line }}</p>
  </template>
</template>

<style scoped>
p,
li,
dd {
  font: 15px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

p.small {
  font: 13px/1.5 var(--sans);
}

ul,
ol,
.facts,
p {
  margin: 4px 0 0 6px;
}

.facts {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 2px 12px;
}

.agenda {
  list-style: decimal;
  padding-left: 22px;
}

dt {
  font: 600 12.5px/1.8 var(--sans);
  color: var(--ink-2);
}

.matters {
  margin: 2px 0 0;
}

.matters li {
  display: grid;
  grid-template-columns: var(--cite-width, 30px) 1fr auto;
  column-gap: var(--cite-gap, 8px);
  padding: 3px 6px 3px 0;
  align-items: baseline;
}

.matters a {
  font: 500 11.5px/1 var(--sans);
  text-align: right;
}

.matters p {
  margin: 0;
}

.aside {
  font: 500 12.5px/1.3 var(--sans);
  color: var(--ink-2);
  white-space: nowrap;
}

.box {
  color: var(--ink-2);
}

.prompts li {
  font: italic 14.5px/1.5 var(--serif);
  color: var(--ink-2);
}
</style>
