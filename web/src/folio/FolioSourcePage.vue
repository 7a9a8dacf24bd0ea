<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { usePeople } from '../api/queries'
import type { Line } from '../api/types'
import { longDay } from '../shared/dates'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import { inReadingOrder } from '../shared/sections'
import GutterBeam from '../spread/GutterBeam.vue'
import type { Lamp } from '../spread/lighting'
import MinutesPane from '../spread/MinutesPane.vue'
import SourcePane from '../spread/SourcePane.vue'
import { useFolio } from './useFolio'

const route = useRoute()
const number = Number(route.params.number)
const { data, error, refetch, record, sections } = useFolio(number)
const { data: people } = usePeople()

const lamp = ref<Lamp>({ on: 'nothing' })
const pages = ref<HTMLElement>()

/** The address may also name words that were looked for: they are gone through from there. */
const sought = computed(() => {
  const { words, passage } = route.query
  return typeof words === 'string' && passage !== undefined
    ? { words, passage: Number(passage) }
    : undefined
})

const reading = computed(() => inReadingOrder(sections.value))

/** The address may name a line, or a passage of one of the sources. */
watch(
  [record, () => route.query],
  () => {
    const { line, source, passage } = route.query
    const named = record.value.find((l) => String(l.number) === line)
    if (named) lamp.value = { on: 'line', lineId: named.id }
    else if (typeof source === 'string' && passage !== undefined) {
      lamp.value = { on: 'passage', sourceId: source, passage: Number(passage) }
    }
  },
  { immediate: true },
)

function select(line: Line) {
  lamp.value = { on: 'line', lineId: line.id }
}
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <div v-else-if="data" class="spread">
    <div class="head">
      <span class="folio-no">folio {{ number }}</span>
      <h1>{{ data.meeting.title }}</h1>
      <span class="small">{{ longDay(data.meeting.date) }}</span>
      <RouterLink class="btn" :to="folioAddress(number)">The page alone</RouterLink>
    </div>
    <div ref="pages" class="pages">
      <SourcePane
        :sources="data.sources"
        :lines="record"
        :lamp="lamp"
        :sought="sought"
        @light="(sourceId, passage) => (lamp = { on: 'passage', sourceId, passage })"
      />
      <div class="gutter" data-gutter />
      <MinutesPane
        :minutes="data"
        :sections="sections"
        :reading="reading"
        :lamp="lamp"
        :people="people ?? []"
        fixed
        @select="select"
      />
      <GutterBeam v-if="pages" :pages="pages" />
    </div>
  </div>
</template>

<style src="../spread/spread.css" scoped></style>
<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 20px;
  border-bottom: 1px solid var(--rule);
}

h1 {
  font-size: 18px;
}

.btn {
  margin-left: auto;
}
</style>
