<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { usePeople } from '../api/queries'
import { provideCitationsAt } from '../citations/useCitations'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import RegisterEntry from './RegisterEntry.vue'
import { type RegisterName, REGISTERS } from './registerWords'
import { useRegister, useRegisterCounts } from './useRegister'

const route = useRoute()
const router = useRouter()

const register = computed(() => route.params.register as RegisterName)
const words = computed(() => REGISTERS[register.value])
/** What is shown stands in the address, so that it can be kept and shared. */
const shown = computed(() => ({
  open: route.query.all === undefined,
  overdue: route.query.overdue !== undefined,
  owner: route.query.owner ? String(route.query.owner) : undefined,
}))
const narrowed = computed(() => shown.value.overdue || shown.value.owner !== undefined)

const { entries, error, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useRegister(
  register,
  shown,
)
const { data: counts } = useRegisterCounts()
const { data: people } = usePeople()

const overdue = computed(() => counts.value?.find((c) => c.kind === words.value.kind)?.overdue ?? 0)

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
          <button
            v-if="register === 'actions'"
            class="btn"
            type="button"
            :aria-pressed="shown.overdue"
            @click="show({ overdue: shown.overdue ? undefined : '' })"
          >
            Overdue <b v-if="overdue" class="figures red">{{ overdue }}</b>
          </button>
          <label v-if="register === 'actions'">
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
          <a class="btn" :href="fileAs('csv')" download>As a table</a>
          <a v-if="register === 'actions'" class="btn" :href="fileAs('ics')" download>As tasks</a>
        </div>
      </div>
      <ErrorNote v-if="error" :error="error" @retry="refetch()" />
      <template v-else-if="entries">
        <ul v-if="entries.length">
          <RegisterEntry
            v-for="entry in entries"
            :key="entry.lineId"
            :entry="entry"
            :people="people ?? []"
          />
        </ul>
        <EmptyState v-else-if="narrowed" title="Nothing fits">
          No entry of this register is both open and what you asked for.
          <template #next>
            <RouterLink class="btn go" :to="`/registers/${register}`">Show all</RouterLink>
          </template>
        </EmptyState>
        <EmptyState v-else :title="words.none">
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

nav a {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  padding: 6px 8px;
  text-decoration: none;
  color: var(--ink-2);
  border-left: 3px solid transparent;
}

nav a.on {
  color: var(--ink);
  font-weight: 650;
  border-left-color: var(--ink);
}

section {
  padding: 22px 28px 20px;
  min-width: 0;
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

  section {
    padding: 16px 14px;
  }
}
</style>
