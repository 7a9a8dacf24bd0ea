<script setup lang="ts">
import Menu from 'primevue/menu'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useTheme } from '../shared/theme'
import { initials } from '../shared/words'
import { useSession } from '../signin/session'
import { useSignOut } from '../signin/useSignOut'

const emit = defineEmits<{ keys: [] }>()

const session = useSession()
const router = useRouter()
const signOut = useSignOut()
const { theme, choose } = useTheme()
const menu = ref<InstanceType<typeof Menu>>()
const open = ref(false)

const name = computed(() => session.member.value?.name ?? '')
const PLACES = [
  ['Your account', '/account'],
  ['Members', '/members'],
  ['People', '/people'],
  ['Access', '/access'],
  ['Templates', '/templates'],
  ['House document', '/house'],
  ['Calendars', '/calendars'],
  ['Recorders', '/recorders'],
  ['Post room', '/post'],
  ['Marks and abbreviations', '/marks'],
  ['Collections, projects, tags', '/labels'],
  ['Old papers', '/imports'],
  ['Access tokens', '/tokens'],
  ['Networks', '/networks'],
  ['Backups', '/backups'],
  ['Audit trail', '/audit'],
  ['Upkeep', '/upkeep'],
] as const

const choices = computed(() => [
  ...PLACES.filter(([, to]) => session.may(router.resolve(to).meta.needs)).map(([label, to]) => ({
    label,
    command: () => router.push(to),
  })),
  {
    label: theme.value === 'night' ? 'Read by day' : 'Read by night',
    command: () => choose(theme.value === 'night' ? 'day' : 'night'),
  },
  { label: 'Keys of this screen', command: () => emit('keys') },
  { separator: true },
  { label: 'Sign out', command: signOut },
])
</script>

<template>
  <button
    class="who"
    type="button"
    aria-haspopup="menu"
    :aria-expanded="open"
    :aria-label="`${name}: menu`"
    @click="menu?.toggle($event)"
  >
    {{ initials(name) }}
  </button>
  <Menu ref="menu" :model="choices" popup @show="open = true" @hide="open = false">
    <template #start>
      <p class="card">
        <b>{{ name }}</b>
        <span class="small">{{ session.member.value?.team }}</span>
      </p>
    </template>
  </Menu>
</template>

<style scoped>
.who {
  align-self: center;
  margin-bottom: -4px;
  width: 34px;
  height: 34px;
  border-radius: 50%;
  border: 1px solid var(--ink-2);
  background: none;
  font-weight: 600;
  font-size: 12px;
  cursor: pointer;
}

.who:hover {
  background: var(--paper);
}

.card {
  display: grid;
  padding: 6px 12px 8px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 6px;
}
</style>
