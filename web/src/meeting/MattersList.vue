<script setup lang="ts">
import { ref } from 'vue'
import { usePeople } from '../api/queries'
import type { Act, Matter } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import NewDay from '../shared/NewDay.vue'
import { shortDay, today } from '../shared/dates'
import { cited, folioAddress } from '../shared/folioNumbers'
import { useSession } from '../signin/session'
import MattersElsewhere from './MattersElsewhere.vue'
import { ACT_NAMES } from '../shared/useActs'
import { useMatters } from './useMatters'

const props = defineProps<{
  meetingId: string
  /** Beside the notes there is room for a tick alone; all else on demand. */
  brief?: boolean
}>()

const { data: matters, error, refetch, act, takeBack, pull, letGo } = useMatters(props.meetingId)
const { data: people } = usePeople()
const { writes } = useSession()
const dating = ref<string | null>(null)
const pulling = ref(false)

function owner(matter: Matter): string {
  const name = people.value?.find((p) => p.id === matter.ownerId)?.name
  return name && !matter.text.includes(name) ? name : ''
}

const isOverdue = (matter: Matter) => matter.open && matter.due !== null && matter.due < today()

function tick(matter: Matter) {
  if (matter.open) void act(matter, 'DONE')
  else if (matter.here && matter.actId) void takeBack(matter.actId)
  else void act(matter, 'REOPENED')
}

function startDating(matter: Matter) {
  dating.value = dating.value === matter.lineId ? null : matter.lineId
}

function setDay(matter: Matter, due: string) {
  dating.value = null
  void act(matter, 'RE_DATED', { due })
}

const ACTS: { kind: Act; label: string }[] = [
  { kind: 'CARRIED', label: 'Carry on' },
  { kind: 'DROPPED', label: 'Drop' },
]
</script>

<template>
  <section aria-label="Matters arising">
    <h2 class="section-head">
      Matters arising
      <span v-if="matters?.length">{{ matters.filter((m) => m.open).length }} open</span>
    </h2>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <p v-else-if="matters && !matters.length" class="small none">
      Nothing is open from earlier meetings of the series.
    </p>
    <ul v-else>
      <li v-for="matter in matters" :key="matter.lineId" :class="{ closed: !matter.open }">
        <input
          type="checkbox"
          :checked="!matter.open"
          :disabled="!writes"
          :aria-label="`${cited(matter.folio, matter.number)} is done: ${matter.text}`"
          @change="tick(matter)"
        />
        <div>
          <p class="text">{{ matter.text }}</p>
          <p class="small">
            <RouterLink class="figures" :to="folioAddress(matter.folio, matter.number)">{{
              cited(matter.folio, matter.number)
            }}</RouterLink>
            <span v-if="owner(matter)">{{ owner(matter) }}</span>
            <span v-if="matter.due" :class="{ red: isOverdue(matter) }">
              {{ isOverdue(matter) ? 'overdue since' : 'due' }} {{ shortDay(matter.due) }}
            </span>
            <b v-if="matter.last && matter.here">{{ ACT_NAMES[matter.last] }}</b>
            <span v-if="matter.pulled">from another series</span>
          </p>
          <NewDay
            v-if="dating === matter.lineId"
            :line-id="matter.lineId"
            :was="matter.due"
            @set="(day) => setDay(matter, day)"
          />
        </div>
        <div class="acts" :class="{ brief }">
          <template v-if="matter.open">
            <button
              v-for="{ kind, label } in ACTS"
              :key="kind"
              data-writes
              class="btn quiet"
              type="button"
              :aria-label="`${label}: ${cited(matter.folio, matter.number)}`"
              @click="act(matter, kind)"
            >
              {{ label }}
            </button>
            <button
              v-if="matter.kind === 'ACTION'"
              data-writes
              class="btn quiet"
              type="button"
              :aria-expanded="dating === matter.lineId"
              :aria-label="`New day for ${cited(matter.folio, matter.number)}`"
              @click="startDating(matter)"
            >
              New day
            </button>
          </template>
          <button
            v-if="matter.pulled && matter.open"
            data-writes
            class="btn quiet"
            type="button"
            :aria-label="`Let go of ${cited(matter.folio, matter.number)}`"
            @click="letGo(matter)"
          >
            Let go
          </button>
        </div>
      </li>
    </ul>
    <button
      v-if="!brief"
      data-writes
      class="btn quiet more"
      type="button"
      :aria-expanded="pulling"
      @click="pulling = !pulling"
    >
      Pull in an action of another meeting
    </button>
    <MattersElsewhere v-if="pulling" :meeting-id="meetingId" @pull="pull" />
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 18px 1fr auto;
  gap: 0 8px;
  padding: 7px 0 6px;
  border-bottom: 1px solid var(--rule);
}

input[type='checkbox'] {
  width: 15px;
  height: 15px;
  margin: 4px 0 0;
  accent-color: var(--green);
}

.text {
  font: 15px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

.closed .text {
  color: var(--pencil);
  text-decoration: line-through;
}

.small > * + * {
  margin-left: 8px;
}

.none {
  padding: 8px 0;
}

.acts {
  display: flex;
  align-items: flex-start;
}

.acts.brief {
  grid-column: 2 / -1;
  margin-left: -8px;
  height: 0;
  overflow: hidden;
}

li:hover .acts.brief,
li:focus-within .acts.brief {
  height: auto;
}

.acts .btn {
  min-height: 26px;
  font-weight: 500;
}

.more {
  margin: 6px 0 0 -8px;
}

@media (max-width: 620px) {
  .acts {
    grid-column: 2 / -1;
    margin-left: -8px;
  }
}
</style>
