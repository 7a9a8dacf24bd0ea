<script setup lang="ts">
import { computed, defineAsyncComponent, onUnmounted, ref, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { keys, outdate, useTray } from '../api/queries'
import { isModified, isTyping, useKeyHelp, usePageKeys } from '../shared/keys'
import EmptyState from '../shared/EmptyState.vue'
import { useNotices } from '../shared/notices'
import { useLive } from '../shared/useLive'
import LampField from './LampField.vue'
import LampMark from './LampMark.vue'
import { useSession } from '../signin/session'
import MemberMenu from './MemberMenu.vue'

const KeysDialog = defineAsyncComponent(() => import('./KeysDialog.vue'))

const session = useSession()
const { data: tray } = useTray()
const waiting = computed(() => tray.value?.length ?? 0)
const keysShown = ref(false)
const route = useRoute()
const needs = computed(() => route.meta.needs)

// Controls that change something are put away for whoever only looks on, in dialogs as well.
watchEffect(() => {
  document.documentElement.toggleAttribute('data-looks-on', !session.writes.value)
})
onUnmounted(() => document.documentElement.removeAttribute('data-looks-on'))
const lampField = ref<InstanceType<typeof LampField>>()

const { say } = useNotices()
useLive(null, {
  // Between reading a list and hearing of its changes, and while the line was dead, something may have changed.
  connected: () =>
    void outdate(
      keys.day,
      keys.tray,
      keys.post,
      keys.matters,
      keys.registers,
      keys.links,
      keys.citations,
      keys.ledger,
      keys.imports,
    ),
  'draft-ready': (told) => {
    const ready = told as { minutesId: string; meeting: string }
    say(`The minutes of ${ready.meeting} are drafted.`, {
      to: { path: `/minutes/${ready.minutesId}`, label: 'Review' },
    })
    void outdate(keys.day, keys.tray, keys.minutes, keys.meetings)
  },
  arrived: (told) => {
    const source = told as { sourceId: string; name: string }
    say(`${source.name} arrived and waits in the tray.`, {
      to: { path: `/tray/${source.sourceId}`, label: 'Place it' },
    })
    void outdate(keys.tray, keys.day)
  },
  tray: () => void outdate(keys.tray, keys.day, keys.meetings),
  post: () => void outdate(keys.post),
  registers: () => void outdate(keys.registers, keys.matters, keys.links),
  ledger: () => void outdate(keys.ledger, keys.labels, keys.shelf),
  imports: () => void outdate(keys.imports),
  citations: () => void outdate(keys.citations),
  linked: () => void outdate(keys.links, keys.registers, keys.shelf),
})

const tabs = [
  { id: 'day', label: 'Day sheet', to: '/' },
  { id: 'tray', label: 'In-tray', to: '/tray' },
  { id: 'ledger', label: 'Ledger', to: '/ledger' },
  { id: 'registers', label: 'Registers', to: '/registers/actions' },
]

useKeyHelp('Everywhere', [
  { keys: '/', does: 'to the lamp field' },
  { keys: '?', does: 'this list' },
])

usePageKeys((event) => {
  if (isTyping(event) || isModified(event)) return
  if (event.key === '/') {
    event.preventDefault()
    lampField.value?.focus()
  } else if (event.key === '?') {
    keysShown.value = true
  }
})
</script>

<template>
  <div class="frame">
    <a class="skip" href="#page">To the page</a>
    <header class="no-print">
      <RouterLink class="mark" to="/" aria-label="Ledger Lamp, day sheet">
        <LampMark />
        <span>Ledger Lamp</span>
      </RouterLink>
      <nav aria-label="Places">
        <RouterLink
          v-for="tab in tabs"
          :key="tab.id"
          :to="tab.to"
          class="tab"
          :class="{ on: $route.meta.tab === tab.id }"
          :aria-current="$route.meta.tab === tab.id ? 'page' : undefined"
        >
          {{ tab.label }}
          <b v-if="tab.id === 'tray' && waiting" class="figures">
            {{ waiting }}<span class="unseen"> waiting</span>
          </b>
        </RouterLink>
      </nav>
      <LampField ref="lampField" />
      <MemberMenu @keys="keysShown = true" />
    </header>
    <p v-if="!session.writes.value" class="looks-on no-print">
      You look on: you can read, search and ask. An administrator of the team can change your role.
    </p>
    <main id="page" class="sheet" tabindex="-1">
      <slot v-if="session.may(needs)" />
      <EmptyState v-else title="This page is not for your role">
        <template v-if="needs === 'ADMINISTERS'">It is for those who administer the team.</template>
        <template v-else>It is for those who take part: here something is changed.</template>
        <template #next><RouterLink class="btn" to="/">To the day sheet</RouterLink></template>
      </EmptyState>
    </main>
    <KeysDialog v-if="keysShown" @close="keysShown = false" />
  </div>
</template>

<style scoped>
.looks-on {
  margin: 0 0 8px;
  padding: 4px 14px;
  font-size: 13px;
  color: var(--ink-2);
}

.frame {
  min-height: 100vh;
  display: flex;
  flex-direction: column;
}

.skip {
  position: absolute;
  left: -999px;
}

.skip:focus {
  left: 14px;
  top: 8px;
  z-index: 70;
  background: var(--paper);
  padding: 8px 12px;
}

header {
  height: 58px;
  display: flex;
  align-items: flex-end;
  padding: 0 22px;
  gap: 18px;
}

.mark {
  display: flex;
  align-items: center;
  gap: 9px;
  height: 46px;
  padding-bottom: 6px;
  font: 600 17px/1 var(--serif);
  letter-spacing: 0.01em;
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}

nav {
  display: flex;
  gap: 3px;
  margin-left: 8px;
}

.tab {
  padding: 8px 15px 9px;
  border-radius: 4px 4px 0 0;
  border: 1px solid var(--desk-edge);
  border-bottom: 0;
  background: color-mix(in srgb, var(--paper) 38%, transparent);
  color: var(--ink-2);
  font-weight: 500;
  text-decoration: none;
  white-space: nowrap;
}

.tab:hover {
  color: var(--ink);
}

.tab.on {
  background: var(--paper);
  color: var(--ink);
  font-weight: 600;
  padding-bottom: 11px;
  margin-bottom: -1px;
  position: relative;
  z-index: 2;
}

.tab b {
  font-weight: 600;
  margin-left: 5px;
}

main {
  position: relative;
  flex: 1;
  margin: 0 14px 15px;
  min-height: 300px;
  outline: 0;
}

@media (max-width: 860px) {
  header {
    height: auto;
    flex-wrap: wrap;
    padding: 6px 12px 0;
    gap: 6px 10px;
  }

  .mark span {
    display: none;
  }

  .mark {
    height: 40px;
    padding: 0;
  }

  nav {
    order: 3;
    width: 100%;
    margin-left: 0;
  }

  .tab {
    padding-inline: 11px;
  }

  main {
    margin: 0 0 0;
  }
}

@media print {
  main {
    margin: 0;
    border: 0;
  }
}
</style>
