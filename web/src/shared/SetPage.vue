<script setup lang="ts">
import type { Block } from '../api/types'

/** A set page as the server lays it out: headings, paragraphs, lists and tables. */
defineProps<{ blocks: Block[] }>()
</script>

<template>
  <template v-for="(block, i) in blocks" :key="i">
    <template v-if="block.kind === 'HEADING'">
      <header v-if="block.level === 1">
        <h1>{{ block.text }}</h1>
        <p v-if="block.below" class="small">{{ block.below }}</p>
      </header>
      <h2 v-else-if="block.level === 2" class="section-head">{{ block.text }}</h2>
      <h3 v-else>{{ block.text }}</h3>
    </template>
    <p v-else-if="block.kind === 'PARAGRAPH'" class="words">{{ block.text }}</p>
    <table v-else-if="block.kind === 'TABLE'">
      <thead>
        <tr>
          <th
            v-for="column in block.columns"
            :key="column.name"
            scope="col"
            :class="{ figures: column.figures }"
          >
            {{ column.name }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, n) in block.rows" :key="n">
          <td v-for="(cell, c) in row" :key="c" :class="{ figures: block.columns[c]?.figures }">
            {{ cell }}
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-else :class="block.style?.toLowerCase()">
      <li v-for="(item, n) in block.items" :key="n">
        <span v-if="block.style === 'BOXES'" class="sign" aria-hidden="true">{{
          item.ticked ? '☑' : '☐'
        }}</span>
        <span v-else-if="block.style === 'NUMBERS'" class="sign">{{ n + 1 }}.</span>
        <span v-if="item.number" class="number figures">{{ item.number }}</span>
        <span>
          {{ item.text }} <span v-if="item.aside" class="small">{{ item.aside }}</span>
        </span>
      </li>
    </ul>
  </template>
</template>

<style scoped>
header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 10px;
}

h1 {
  font-size: 23px;
  overflow-wrap: anywhere;
}

h2 {
  margin-top: 18px;
}

h3 {
  font: italic 500 14.5px/1.4 var(--serif);
  color: var(--ink-2);
  margin: 8px 0 2px;
}

.words,
li,
td {
  font: 15px/1.5 var(--serif);
  overflow-wrap: anywhere;
}

.words {
  white-space: pre-line;
  margin-top: 4px;
}

li {
  display: flex;
  gap: 8px;
  padding: 3px 0;
}

.bullets li {
  display: block;
  padding-left: 12px;
  text-indent: -12px;
}

.bullets li:not(:has(.number))::before {
  content: '– ';
  color: var(--ink-2);
}

.bullets .number {
  margin-right: 7px;
}

.run_on li {
  display: inline;
  margin-right: 4px;
}

.number,
.sign {
  font: 500 12px/1.9 var(--sans);
  color: var(--ink-2);
  text-indent: 0;
}

table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 6px;
}

th,
td {
  text-align: left;
  vertical-align: top;
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--rule);
}

th {
  font: 600 12px/1.4 var(--sans);
  color: var(--ink-2);
}

.figures {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

li .figures {
  text-align: left;
}
</style>
