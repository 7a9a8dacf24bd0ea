<script setup lang="ts">
import type { Line, Person, RegisterRow } from '../api/types'
import CitedByList from '../citations/CitedByList.vue'
import { standingOf } from '../registers/registerWords'
import { longDay } from '../shared/dates'
import { cited } from '../shared/folioNumbers'
import { isContested, lineAside } from '../shared/lineAside'
import LineText from '../shared/LineText.vue'
import { useActs } from '../shared/useActs'
import { useSession } from '../signin/session'
import { groupHeading, type PageSection } from '../shared/sections'

const { writes } = useSession()
const props = defineProps<{
  section: PageSection
  folio: number
  litLine: number | null
  people: Person[]
  /** How those of its lines stand that registers list, by line. */
  entries?: ReadonlyMap<string, RegisterRow>
}>()

const { act } = useActs()

/** What can be ticked off. */
function ticked(line: Line): RegisterRow | undefined {
  const entry = props.entries?.get(line.id)
  return entry && ['ACTION', 'QUESTION', 'RISK'].includes(entry.kind) ? entry : undefined
}

function isClosed(entry: RegisterRow): boolean {
  return entry.standing === 'DONE' || entry.standing === 'DROPPED'
}

function numberOf(line: Line): string {
  return cited(props.folio, line.number ?? 0)
}

function aside(line: Line): string {
  return lineAside(line, props.people, longDay)
}
</script>

<template>
  <section :aria-label="section.heading">
    <h2 class="section-head">{{ section.heading }}</h2>
    <p v-if="section.kind === 'ANSWER'" class="asked small">{{ section.text.join(' ') }}</p>
    <p v-if="!section.groups.length" class="none small">None.</p>
    <template v-for="(group, i) in section.groups" :key="i">
      <h3 v-if="groupHeading(group, people)">{{ groupHeading(group, people) }}</h3>
      <ol :class="section.form.toLowerCase()">
        <li
          v-for="line in group.lines"
          :id="numberOf(line)"
          :key="line.id"
          :class="{ on: line.number === litLine }"
        >
          <RouterLink
            class="cite figures"
            :to="{ hash: `#${numberOf(line)}` }"
            :aria-label="`Line ${numberOf(line)}`"
          >
            {{ numberOf(line) }}
          </RouterLink>
          <p>
            <input
              v-if="ticked(line)"
              class="tick no-print"
              type="checkbox"
              :checked="isClosed(ticked(line)!)"
              :disabled="!writes"
              :title="standingOf(ticked(line)!)"
              :aria-label="`${numberOf(line)} is over`"
              @change="act(ticked(line)!, isClosed(ticked(line)!) ? 'REOPENED' : 'DONE')"
            />
            <span
              v-if="section.form === 'CHECK_BOXES'"
              class="box"
              :class="{ 'print-only': ticked(line) }"
              aria-hidden="true"
              >{{ ticked(line) && isClosed(ticked(line)!) ? '☑' : '☐' }}</span
            >
            <LineText :of="line.id" :text="line.text" />
            <span
              v-if="section.form !== 'TABLE' && aside(line)"
              class="aside figures"
              :class="{ red: isContested(line) }"
              >{{ aside(line) }}</span
            >
          </p>
          <span
            v-if="section.form === 'TABLE'"
            class="aside figures"
            :class="{ red: isContested(line) }"
            >{{ aside(line) }}</span
          >
          <RouterLink
            v-if="line.evidence.length"
            class="said no-print small"
            :to="{ path: `/folio/${folio}/source`, query: { line: String(line.number) } }"
            :aria-label="`What line ${numberOf(line)} rests on`"
          >
            said
          </RouterLink>
          <CitedByList class="cited-by" :line="line.id" />
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin-top: 24px;
}

h3 {
  font: italic 500 15px/1.4 var(--serif);
  color: var(--ink-2);
  margin: 10px 0 2px 58px;
}

li {
  display: grid;
  grid-template-columns: 46px 1fr 34px;
  column-gap: 12px;
  align-items: baseline;
  padding: 5px 0;
  border-radius: 3px;
}

li:not(:only-child) .cited-by {
  grid-column: 2;
}

li .cited-by {
  grid-column: 2 / -1;
}

li.on {
  background: var(--lamp);
  box-shadow: var(--glow);
  outline: 1px solid var(--lamp-edge);
}

.table li {
  grid-template-columns: 46px 1fr minmax(90px, auto) 34px;
  border-bottom: 1px solid var(--rule);
  border-radius: 0;
}

.table li:first-child {
  border-top: 1px solid var(--rule);
}

/* Several sentences run on as one paragraph, each with its number before it. */
.sentences:has(li + li) {
  margin: 5px 0 0 58px;
}

.sentences li:not(:only-child),
.sentences li:not(:only-child) p {
  display: inline;
}

.sentences li:not(:only-child) .cite {
  margin-right: 4px;
}

.asked,
.none {
  margin: 4px 0 4px 58px;
}

.asked {
  font-style: italic;
}

.tick {
  width: 15px;
  height: 15px;
  margin: 0 7px 0 0;
  vertical-align: -2px;
  accent-color: var(--green);
}

.box {
  color: var(--ink-2);
  margin-right: 4px;
}

.cite {
  font: 500 12px/1 var(--sans);
  color: var(--ink-2);
  text-align: right;
  text-decoration: none;
}

.cite:hover {
  text-decoration: underline;
}

p {
  font: 16px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

.aside {
  font: 500 12.5px/1.4 var(--sans);
  color: var(--ink-2);
  margin-left: 8px;
  white-space: nowrap;
}

.said {
  opacity: 0;
}

li:hover .said,
.said:focus-visible,
li.on .said {
  opacity: 1;
}

@media (hover: none) {
  .said {
    opacity: 1;
  }
}
</style>
