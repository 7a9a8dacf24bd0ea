<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { usePeople } from '../api/queries'
import type { RegisterRow } from '../api/types'
import { provideCitationsAt } from '../citations/useCitations'
import { today } from '../shared/dates'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import { byDueWeek, type EntryGroup } from './dueWeeks'
import FeedAddress from './FeedAddress.vue'
import ManyActs from './ManyActs.vue'
import OwnerList from './OwnerList.vue'
import RegisterEntry from './RegisterEntry.vue'
import { type RegisterName, REGISTERS } from './registerWords'
import { useRegister, useRegisterCounts } from './useRegister'

const route = useRoute()
const router = useRouter()

const register = computed(() => route.params.register as RegisterName)
const words = computed(() => REGISTERS[register.value])
const isActions = computed(() => register.value === 'actions')
/** What is shown stands in the address, so that it can be kept and shared. */
const shown = computed(() => ({
  open: route.query.all === undefined,
  overdue: route.query.overdue !== undefined,
  owner: route.query.owner ? String(route.query.owner) : undefined,
}))
const narrowed = computed(() => shown.value.overdue || shown.value.owner !== undefined)
const byWeek = computed(() => isActions.value && route.query.weeks !== undefined)
const byOwner = computed(() => isActions.value && route.query.owners !== undefined)

const { entries, error, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useRegister(
  register,
  shown,
)
provideCitationsAt(computed(() => (entries.value ?? []).map((e) => e.lineId)))
const { data: counts } = useRegisterCounts()
const { data: people } = usePeople()

const overdue = computed(() => counts.value?.find((c) => c.kind === words.value.kind)?.overdue ?? 0)
const groups = computed<EntryGroup[]>(() => {
  const all = entries.value ?? []
  return byWeek.value ? byDueWeek(all, today()) : [{ heading: '', entries: all }]
})

/** The entries that are chosen, while several are to be done something about; otherwise null. */
const chosen = ref<Set<string> | null>(null)
watch([register, shown], () => (chosen.value = null))

function choose(entry: RegisterRow, on: boolean) {
  const next = new Set(chosen.value)
  if (on) next.add(entry.lineId)
  else next.delete(entry.lineId)
  chosen.value = next
}

function openIn(name: RegisterName): number {
  return counts.value?.find((c) => c.kind === REGISTERS[name].kind)?.open ?? 0
}

/** All that is shown, for other programs. */
function fileAs(form: 'csv' | 'ics'): string {
  const { open, overdue, owner } = shown.value
  const query = new URLSearchParams({ form, open: String(open), overdue: String(overdue) })
  if (owner) query.set('owner', owner)
  return `/api/registers/${words.value.kind}/file?${query}`
}

function show(query: Record<string, string | undefined>) {
  void router.push({ query: { ...route.query, ...query } })
}

function arrange(how: string) {
  show({ weeks: how === 'weeks' ? '' : undefined, owners: how === 'owners' ? '' : undefined })
}
</script>

<template>
  <div class="registers">
    <nav aria-label="Registers">
      <RouterLink
        v-for="(r, name) in REGISTERS"
        :key="name"
        :to="`/registers/${name}`"
        :class="{ on: name === register }"
        :aria-current="name === register ? 'page' : undefined"
      >
        {{ r.title }} <span class="figures small">{{ openIn(name) }}</span>
      </RouterLink>
      <RouterLink to="/roll-up">Roll-up</RouterLink>
      <FeedAddress v-if="isActions" />
    </nav>
    <section :aria-label="words.title">
      <div class="head">
        <h1>{{ words.title }}</h1>
        <div class="filters" role="group" aria-label="What is shown">
          <button
            class="btn"
            type="button"
            :aria-pressed="shown.open"
            @click="show({ all: shown.open ? '' : undefined })"
          >
            {{ words.open }}
          </button>
          <template v-if="isActions">
            <button
              class="btn"
              type="button"
              :aria-pressed="shown.overdue"
              @click="show({ overdue: shown.overdue ? undefined : '' })"
            >
              Overdue <b v-if="overdue" class="figures red">{{ overdue }}</b>
            </button>
            <label v-if="!byOwner">
              <span class="unseen">Whose</span>
              <select
                class="field"
                :value="shown.owner ?? ''"
                @change="show({ owner: ($event.target as HTMLSelectElement).value || undefined })"
              >
                <option value="">Everybody’s</option>
                <option v-for="p in people" :key="p.id" :value="p.id">{{ p.name }}</option>
              </select>
            </label>
            <label>
              <span class="unseen">Arranged</span>
              <select
                class="field"
                :value="byWeek ? 'weeks' : byOwner ? 'owners' : ''"
                @change="arrange(($event.target as HTMLSelectElement).value)"
              >
                <option value="">As a list</option>
                <option value="weeks">By due week</option>
                <option value="owners">By owner</option>
              </select>
            </label>
          </template>
          <button
            v-if="register !== 'decisions' && !byOwner"
            data-writes
            class="btn"
            type="button"
            :aria-pressed="chosen !== null"
            @click="chosen = chosen === null ? new Set() : null"
          >
            Several
          </button>
          <a class="btn" :href="fileAs('csv')" download>As a table</a>
          <a v-if="isActions" class="btn" :href="fileAs('ics')" download>As tasks</a>
        </div>
      </div>
      <OwnerList v-if="byOwner" :people="people ?? []" />
      <ErrorNote v-else-if="error" :error="error" @retry="refetch()" />
      <template v-else-if="entries">
        <template v-for="group in groups" :key="group.heading">
          <h2 v-if="group.heading" class="section-head" :class="{ red: group.red }">
            {{ group.heading }} <span class="figures">{{ group.entries.length }}</span>
          </h2>
          <ul v-if="group.entries.length">
            <RegisterEntry
              v-for="entry in group.entries"
              :key="entry.lineId"
              :entry="entry"
              :people="people ?? []"
              :chosen="chosen === null ? null : chosen.has(entry.lineId)"
              @choose="choose(entry, $event)"
            />
          </ul>
        </template>
        <ManyActs
          v-if="chosen !== null && entries.length"
          :lines="[...chosen]"
          :people="people ?? []"
          :actions="isActions"
          @all="chosen = new Set(entries.map((e) => e.lineId))"
          @done="chosen = null"
        />
        <EmptyState v-if="!entries.length && narrowed" title="Nothing fits">
          No entry of this register is both open and what you asked for.
          <template #next>
            <RouterLink class="btn go" :to="`/registers/${register}`">Show all</RouterLink>
          </template>
        </EmptyState>
        <EmptyState v-else-if="!entries.length" :title="words.none">
          What minutes record stands here once they are filed, with what became of it.
          <template #next
            ><RouterLink class="btn go" to="/ledger">To the ledger</RouterLink></template
          >
        </EmptyState>
        <button
          v-if="hasNextPage"
          class="btn more"
          type="button"
          :disabled="isFetchingNextPage"
          @click="fetchNextPage()"
        >
          {{ isFetchingNextPage ? 'Reading on …' : 'Read on' }}
        </button>
      </template>
    </section>
  </div>
</template>

<style scoped>
.registers {
  display: grid;
  grid-template-columns: 236px 1fr;
  min-height: 726px;
  background: linear-gradient(
    90deg,
    var(--paper-2) 235px,
    var(--rule-strong) 235px 236px,
    transparent 236px
  );
}

nav {
  padding: 28px 20px 30px 26px;
  display: flex;
  flex-direction: column;
  gap: 2px;
}

nav > a {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  padding: 6px 8px;
  text-decoration: none;
  color: var(--ink-2);
  border-left: 3px solid transparent;
}

nav > a.on {
  color: var(--ink);
  font-weight: 650;
  border-left-color: var(--ink);
}

section {
  padding: 22px 28px 20px;
  min-width: 0;
}

nav section {
  padding: 14px 0 0;
}

.head,
.filters {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 14px;
}

.head {
  justify-content: space-between;
  padding-bottom: 12px;
  border-bottom: 2px solid var(--ink);
}

.filters {
  gap: 8px;
}

h2.section-head {
  margin-top: 20px;
}

.btn[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}

.btn[aria-pressed='true'] .red {
  color: inherit;
}

.more {
  margin-top: 18px;
}

@media (max-width: 820px) {
  .registers {
    grid-template-columns: 1fr;
    background: none;
  }

  nav {
    flex-flow: row wrap;
    padding: 16px 14px 0;
  }

  nav section {
    flex-basis: 100%;
  }

  section {
    padding: 16px 14px;
  }
}
</style>
