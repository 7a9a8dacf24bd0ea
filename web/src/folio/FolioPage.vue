<script setup lang="ts">
import { computed, nextTick, watch } from 'vue'
import { useRoute } from 'vue-router'
import { usePeople } from '../api/queries'
import { provideCitations } from '../citations/useCitations'
import { clockTime, longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { cited } from '../shared/folioNumbers'
import { count } from '../shared/words'
import FolioAttendance from './FolioAttendance.vue'
import FolioDeletion from './FolioDeletion.vue'
import FolioDispatches from './FolioDispatches.vue'
import FolioExcerpts from './FolioExcerpts.vue'
import FolioExport from './FolioExport.vue'
import FolioLines from './FolioLines.vue'
import FolioLinks from './FolioLinks.vue'
import FolioRevisions from './FolioRevisions.vue'
import FolioShelf from './FolioShelf.vue'
import SectionText from '../shared/SectionText.vue'
import { useSession } from '../signin/session'
import { useFolio, useFolioEntries } from './useFolio'

const route = useRoute()
const session = useSession()
const number = Number(route.params.number)
const { data, error, refetch, record, sections } = useFolio(number)
const { data: people } = usePeople()

provideCitations(computed(() => data.value?.meeting.id))

const entries = useFolioEntries(number)

const litLine = computed(() => {
  const [, line] = route.hash.slice(1).split('.')
  return line ? Number(line) : null
})
const facts = computed(() => {
  const m = data.value?.meeting
  if (!m) return ''
  const start = m.start ? `${clockTime(m.start)} ${m.zone}` : null
  return [longDay(m.date), start, m.plannedMinutes && `${m.plannedMinutes} min`, m.location, m.kind]
    .filter(Boolean)
    .join(' · ')
})

watch(
  [() => route.hash, sections],
  async () => {
    await nextTick()
    if (litLine.value !== null) {
      document.getElementById(cited(number, litLine.value))?.scrollIntoView({ block: 'center' })
    }
  },
  { flush: 'post', immediate: true },
)

/** A browser names the file after the page's title. */
function print() {
  const before = document.title
  document.title = data.value?.fileName ?? before
  globalThis.print()
  document.title = before
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <article v-else-if="data" class="folio">
    <header>
      <div class="acts no-print">
        <RouterLink class="btn" :to="`/folio/${number}/source`">With its source</RouterLink>
        <RouterLink data-writes class="btn" :to="`/folio/${number}/amend`">Amend</RouterLink>
        <FolioExport :folio="number" />
        <RouterLink data-writes class="btn" :to="`/folio/${number}/excerpt`">Excerpt</RouterLink>
        <RouterLink
          data-writes
          class="btn"
          :to="{ path: '/access', query: { folio: String(number) } }"
        >
          Let in
        </RouterLink>
        <button class="btn" type="button" @click="print">Print</button>
        <RouterLink data-writes class="btn go" :to="`/folio/${number}/circulate`"
          >Circulate</RouterLink
        >
      </div>
      <p class="number">
        <span class="folio-no">folio {{ number }}</span>
        <span v-if="data.filing && data.filing.revision > 1" class="small">
          revision {{ data.filing.revision }}
        </span>
      </p>
      <h1>{{ data.title }}</h1>
      <p class="small">{{ facts }}</p>
      <p v-if="data.meeting.series" class="small">
        Series:
        <RouterLink :to="{ path: '/series', query: { name: data.meeting.series } }">
          {{ data.meeting.series }}
        </RouterLink>
      </p>
    </header>
    <template v-for="section in sections" :key="section.heading">
      <FolioAttendance
        v-if="section.content === 'ATTENDEES'"
        :heading="section.heading"
        :attendance="data.attendance"
      />
      <section v-else-if="!section.kind" :aria-label="section.heading" class="said">
        <h2 class="section-head">{{ section.heading }}</h2>
        <SectionText :section="section" :minutes="data" :people="people ?? []" />
      </section>
      <FolioLines
        v-else
        :section="section"
        :folio="number"
        :lit-line="litLine"
        :entries="entries"
        :people="people ?? []"
      />
    </template>
    <FolioShelf :folio="number" />
    <FolioLinks :folio="number" :people="people ?? []" />
    <FolioDispatches :meeting-id="data.meeting.id" />
    <FolioExcerpts :folio="number" :lines="data.lines" />
    <FolioRevisions
      v-if="data.filing"
      :folio="number"
      :people="people ?? []"
      :filed-by="data.filing.by"
      :filed-at="data.filing.at"
    />
    <footer v-if="data.filing" class="small">
      {{ data.template.name }} · filed by {{ data.filing.by }} on
      {{ longDay(data.filing.at.slice(0, 10)) }} · {{ count(record.length, 'line') }} · drawn from
      {{ data.sources.map((s) => s.name).join(', ') }}
    </footer>
    <FolioDeletion v-if="session.administers.value" :folio="number" class="no-print" />
  </article>
</template>

<style scoped>
.folio {
  max-width: 820px;
  margin: 0 auto;
  padding: 34px 40px 60px;
}

header {
  border-bottom: 2px solid var(--ink);
  padding-bottom: 14px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
  gap: 8px;
  margin-bottom: 6px;
}

.number {
  margin-bottom: 12px;
}

h1 {
  font-size: 28px;
  margin-bottom: 5px;
}

.said {
  --cite-width: 46px;
  --cite-gap: 12px;
}

.said h2 {
  margin-top: 24px;
}

footer {
  margin-top: 40px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
  overflow-wrap: anywhere;
}

@media (max-width: 620px) {
  .folio {
    padding: 20px 16px 40px;
  }

  .acts {
    justify-content: flex-start;
    margin-bottom: 14px;
  }
}

@media print {
  .folio {
    max-width: none;
    padding: 0;
  }
}
</style>
