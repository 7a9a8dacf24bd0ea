<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Person, RegisterRow } from '../api/types'
import LineText from '../shared/LineText.vue'
import { longDay, shortDay, today } from '../shared/dates'
import { cited, folioAddress } from '../shared/folioNumbers'
import { STATE_SIGNS } from '../shared/lineStates'
import NewDay from '../shared/NewDay.vue'
import { useActs } from '../shared/useActs'
import { count } from '../shared/words'
import { useSession } from '../signin/session'
import EntryCourse from './EntryCourse.vue'
import { effectWord, standingOf } from './registerWords'

/** An entry of a register, and what can be done about it. */
const props = withDefaults(
  defineProps<{
    entry: RegisterRow
    people: Person[]
    /** Whether it is chosen, where several can be. */
    chosen?: boolean | null
  }>(),
  { chosen: null },
)
const emit = defineEmits<{ choose: [on: boolean] }>()

const { act } = useActs()
const { writes } = useSession()
const changing = ref<'day' | 'owner' | null>(null)
const course = ref(false)
const row = ref<HTMLElement>()

const number = computed(() => cited(props.entry.folio, props.entry.number))
const isOpen = computed(() => props.entry.standing === 'OPEN')
const overdue = computed(
  () => isOpen.value && props.entry.due !== null && props.entry.due < today(),
)
const owner = computed(() => {
  if (props.entry.kind !== 'ACTION') return ''
  const name = props.people.find((p) => p.id === props.entry.ownerId)?.name
  return name === undefined ? 'owner open' : props.entry.text.includes(name) ? '' : name
})
const canTick = computed(
  () => props.entry.kind !== 'DECISION' && props.entry.standing !== 'CONTINUED',
)
/** How many of the places that speak of it later stand below it; its course has them all. */
const SHOWN = 4
const CLOSES = { ACTION: 'done', QUESTION: 'answered', RISK: 'over' } as Record<string, string>

function start(what: 'day' | 'owner') {
  changing.value = changing.value === what ? null : what
  void nextTick(() => row.value?.querySelector<HTMLElement>('form select')?.focus())
}

function setDay(due: string) {
  changing.value = null
  void act(props.entry, 'RE_DATED', { due })
}

function handOver(id: string) {
  changing.value = null
  if (id) void act(props.entry, 'HANDED_OVER', { ownerId: id })
}
</script>

<template>
  <li
    ref="row"
    :class="{ closed: !isOpen && entry.standing !== 'STANDS', choosing: chosen != null }"
  >
    <input
      v-if="chosen != null"
      class="choose"
      type="checkbox"
      :checked="chosen"
      :aria-label="`Choose ${number}: ${entry.text}`"
      @change="emit('choose', ($event.target as HTMLInputElement).checked)"
    />
    <input
      v-else-if="canTick"
      type="checkbox"
      :checked="!isOpen"
      :disabled="!writes"
      :aria-label="`${number} is ${CLOSES[entry.kind]}: ${entry.text}`"
      @change="act(entry, isOpen ? 'DONE' : 'REOPENED')"
    />
    <span v-else />
    <div>
      <p class="text"><LineText :of="entry.lineId" :text="entry.text" /></p>
      <p class="small facts">
        <RouterLink class="folio-no" :to="folioAddress(entry.folio, entry.number)">{{
          number
        }}</RouterLink>
        <span>{{ longDay(entry.heldOn) }}</span>
        <span v-if="entry.series">{{ entry.series }}</span>
        <span v-if="owner">{{ owner }}</span>
        <b v-if="entry.due" :class="{ red: overdue }" class="figures">
          {{ overdue ? 'overdue since' : 'due' }}
          {{ entry.due.startsWith(today().slice(0, 4)) ? shortDay(entry.due) : longDay(entry.due) }}
        </b>
        <b v-if="!isOpen">{{ standingOf(entry) }}</b>
        <b v-if="entry.contested" class="red">contested</b>
        <RouterLink
          :to="{ path: `/folio/${entry.folio}/source`, query: { line: String(entry.number) } }"
          :aria-label="`The words ${number} rests on`"
        >
          its words
        </RouterLink>
        <button
          class="course"
          type="button"
          :aria-expanded="course"
          :aria-label="`The course of ${number}`"
          @click="course = !course"
        >
          its course
        </button>
      </p>
      <p v-if="entry.later.length" class="small later">
        <span v-for="(l, i) in entry.later.slice(-SHOWN)" :key="i" :class="l.state.toLowerCase()">
          <i v-if="l.state !== 'INK'" aria-hidden="true">{{ STATE_SIGNS[l.state] }}</i>
          {{ effectWord(l.effect, entry.kind) }}
          in
          <RouterLink :to="folioAddress(l.folio)">folio {{ l.folio }}</RouterLink>
          <span v-if="l.state !== 'INK'" class="unseen">, not confirmed</span>
        </span>
        <span v-if="entry.later.length > SHOWN" class="more">
          and {{ count(entry.later.length - SHOWN, 'time') }} before, in its course
        </span>
      </p>
      <EntryCourse v-if="course" :line-id="entry.lineId" :people="people" />
      <NewDay v-if="changing === 'day'" :line-id="entry.lineId" :was="entry.due" @set="setDay" />
      <form v-else-if="changing === 'owner'" @submit.prevent>
        <label>
          <span class="unseen">Who is to have {{ number }}</span>
          <select
            class="field"
            @change="handOver(($event.target as HTMLSelectElement).value)"
            @keydown.esc="changing = null"
          >
            <option value="">To whom</option>
            <option
              v-for="p in people.filter((q) => q.id !== entry.ownerId)"
              :key="p.id"
              :value="p.id"
            >
              {{ p.name }}
            </option>
          </select>
        </label>
      </form>
    </div>
    <div class="acts">
      <template v-if="isOpen && chosen == null">
        <template v-if="entry.kind === 'ACTION'">
          <button
            data-writes
            class="btn quiet"
            type="button"
            :aria-expanded="changing === 'day'"
            :aria-label="`New day for ${number}`"
            @click="start('day')"
          >
            New day
          </button>
          <button
            data-writes
            class="btn quiet"
            type="button"
            :aria-expanded="changing === 'owner'"
            :aria-label="`Hand over ${number}`"
            @click="start('owner')"
          >
            Hand over
          </button>
        </template>
        <button
          data-writes
          class="btn quiet"
          type="button"
          :aria-label="`Drop ${number}`"
          @click="act(entry, 'DROPPED')"
        >
          Drop
        </button>
      </template>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 18px 1fr auto;
  gap: 0 10px;
  padding: 9px 0 8px;
  border-bottom: 1px solid var(--rule);
}

input[type='checkbox'] {
  width: 15px;
  height: 15px;
  margin-top: 4px;
  accent-color: var(--green);
}

.text {
  font: 15.5px/1.45 var(--serif);
  overflow-wrap: anywhere;
}

.closed .text {
  color: var(--pencil);
}

.facts,
.later {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}

.facts a,
.facts button,
.later a {
  display: inline-flex;
  align-items: center;
  min-height: 24px;
}

.later i {
  font-style: normal;
  margin-right: 4px;
}

.later .pencil,
.later .possible {
  color: var(--pencil);
  border-bottom: 1px dotted var(--pencil);
}

.course {
  border: 0;
  background: none;
  padding: 0;
  color: var(--green);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}

form {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 6px 0 4px;
}

.acts {
  display: flex;
  align-items: flex-start;
}

@media (max-width: 820px) {
  li {
    grid-template-columns: 18px 1fr;
  }

  .acts {
    grid-column: 2;
  }
}
</style>
