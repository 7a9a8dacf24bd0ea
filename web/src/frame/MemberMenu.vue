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
const choices = computed(() => [
  { label: 'Your account', command: () => router.push('/account') },
  { label: 'Members', command: () => router.push('/members') },
  { label: 'People', command: () => router.push('/people') },
  { label: 'Access', command: () => router.push('/access') },
  { label: 'Templates', command: () => router.push('/templates') },
  { label: 'House document', command: () => router.push('/house') },
  { label: 'Calendars', command: () => router.push('/calendars') },
  { label: 'Recorders', command: () => router.push('/recorders') },
  { label: 'Post room', command: () => router.push('/post') },
  { label: 'Marks and abbreviations', command: () => router.push('/marks') },
  { label: 'Collections, projects, tags', command: () => router.push('/labels') },
  { label: 'Old papers', command: () => router.push('/imports') },
  { label: 'Access tokens', command: () => router.push('/tokens') },
  { label: 'Networks', command: () => router.push('/networks') },
  ...(session.administers.value
    ? [
        { label: 'Backups', command: () => router.push('/backups') },
        { label: 'Audit trail', command: () => router.push('/audit') },
      ]
    : []),
  { label: 'Upkeep', command: () => router.push('/upkeep') },
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
