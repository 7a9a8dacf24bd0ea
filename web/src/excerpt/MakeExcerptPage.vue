<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate, usePeople } from '../api/queries'
import ErrorNote from '../shared/ErrorNote.vue'
import { cited, folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import { groupHeading, inReadingOrder } from '../shared/sections'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'
import { useFolio } from '../folio/useFolio'

const number = Number(useRoute().params.number)
const { data, error, refetch, sections } = useFolio(number)
const { data: people } = usePeople()
const { say } = useNotices()

const chosen = ref(new Set<string>())
const passages = ref(false)
const days = ref(30)
const passphrase = ref('')
const address = ref('')
const { refused, run } = useDeed()

const withLines = computed(() => sections.value.filter((s) => s.groups.length > 0))
const topics = computed(() => {
  const lines = inReadingOrder(sections.value)
  return (data.value?.topics ?? [])
    .map((topic, i) => ({
      title: topic.title,
      ids: lines.filter((l) => l.topic === i && l.kind !== 'SUMMARY').map((l) => l.id),
    }))
    .filter((topic) => topic.ids.length > 0)
})

function toggle(id: string) {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}

function chooseTopic(event: Event) {
  const topic = topics.value[Number((event.target as HTMLSelectElement).value)]
  if (topic) chosen.value = new Set(topic.ids)
}

const make = () =>
  run(async () => {
    const made = await answer(
      api.POST('/api/folios/{number}/excerpts', {
        params: { path: { number } },
        body: {
          lines: [...chosen.value],
          passages: passages.value,
          days: days.value,
          passphrase: passphrase.value || null,
        },
      }),
    )
    address.value = `${location.origin}/excerpt/${made.token}`
    await outdate(keys.excerpts)
  })

async function copy() {
  await navigator.clipboard.writeText(address.value)
  say('The address is copied.')
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <form v-else-if="data" class="make" @submit.prevent="make">
    <section class="lines" aria-label="Lines">
      <h1>An excerpt of folio {{ number }}</h1>
      <p class="lead">
        Whoever has its address reads the chosen lines, under the meeting’s title and day, and
        nothing else.
      </p>
      <label v-if="topics.length" class="topic small">
        All about
        <select class="btn" @change="chooseTopic">
          <option value="">a topic …</option>
          <option v-for="(topic, i) in topics" :key="i" :value="i">{{ topic.title }}</option>
        </select>
      </label>
      <fieldset v-for="section in withLines" :key="section.heading">
        <legend class="section-head">{{ section.heading }}</legend>
        <template v-for="(group, i) in section.groups" :key="i">
          <h3 v-if="groupHeading(group, people ?? [])">{{ groupHeading(group, people ?? []) }}</h3>
          <label v-for="line in group.lines" :key="line.id" class="check">
            <input type="checkbox" :checked="chosen.has(line.id)" @change="toggle(line.id)" />
            <span class="figures small">{{ `${cited(number, line.number ?? 0)} ` }}</span>
            <span>{{ line.text }}</span>
          </label>
        </template>
      </fieldset>
    </section>
    <section class="side" aria-label="How it is shown">
      <template v-if="address">
        <h2>Its address</h2>
        <p class="small">
          It is shown here once, and kept nowhere. Send it to whoever is to read it.
        </p>
        <p class="address" data-testid="address">{{ address }}</p>
        <div class="foot">
          <button class="btn" type="button" @click="copy">Copy</button>
          <RouterLink class="btn go" :to="folioAddress(number)">Back to the folio</RouterLink>
        </div>
      </template>
      <template v-else>
        <p>{{ count(chosen.size, 'line') }} chosen</p>
        <label class="check">
          <input v-model="passages" type="checkbox" />
          <span>with the words the lines rest on</span>
        </label>
        <label>
          <span class="label">Open for so many days</span>
          <input v-model.number="days" class="field" type="number" min="1" max="365" required />
        </label>
        <label>
          <span class="label">Passphrase, if one is to be asked for</span>
          <input v-model="passphrase" class="field" maxlength="200" autocomplete="off" />
        </label>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <div class="foot">
          <RouterLink class="btn quiet" :to="folioAddress(number)">Back to the folio</RouterLink>
          <button class="btn go" :disabled="!chosen.size">Make the excerpt</button>
        </div>
      </template>
    </section>
  </form>
</template>

<style scoped>
.make {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
  min-height: 726px;
}

.lines {
  padding: 24px 34px 60px;
  min-width: 0;
}

.side {
  display: grid;
  gap: 16px;
  align-content: start;
  padding: 30px 30px 50px;
  background: var(--paper-2);
  border-left: 1px solid var(--rule);
}

.topic select {
  min-width: 0;
  max-width: 100%;
}

.topic {
  display: flex;
  min-width: 0;
  gap: 8px;
  align-items: center;
  margin-top: 14px;
}

fieldset {
  border: 0;
  padding: 0;
  margin: 18px 0 0;
  min-width: 0;
}

legend {
  width: 100%;
  font-weight: 600;
}

h3 {
  font: italic 500 14.5px/1.4 var(--serif);
  color: var(--ink-2);
  margin: 8px 0 2px;
}

.check {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 4px 0;
  font: 15px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

.check .figures {
  min-width: 36px;
}

.address {
  padding: 10px 12px;
  border: 1px solid var(--rule-strong);
  background: var(--paper);
  font: 500 13px/1.5 var(--sans);
  overflow-wrap: anywhere;
  user-select: all;
}

.foot {
  display: flex;
  justify-content: flex-end;
  gap: 10px;
}

@media (max-width: 860px) {
  .make {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (max-width: 480px) {
  .lines,
  .side {
    padding-inline: 14px;
  }
}
</style>
