<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate, usePeople } from '../api/queries'
import type { Member } from '../api/types'
import { useNotices } from '../shared/notices'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'

/** Asks before somebody is taken out of the team, and to whom their open actions go. */
const props = defineProps<{ member: Member }>()
const emit = defineEmits<{ over: [] }>()

const path = { id: props.member.id }
const { data: left } = useQuery({
  queryKey: [keys.members, props.member.id, 'open'],
  queryFn: () => answer(api.GET('/api/members/{id}/open', { params: { path } })),
})
const { data: people } = usePeople()
const handTo = ref('')
const { say } = useNotices()
const { busy, refused, run } = useDeed()

async function remove() {
  const query = handTo.value ? { handTo: handTo.value } : {}
  const done = await run(() => answer(api.DELETE('/api/members/{id}', { params: { path, query } })))
  if (!done) return
  say(`${props.member.name} is no member any more and is signed out everywhere.`)
  emit('over')
  await outdate(keys.members, keys.registers)
}
</script>

<template>
  <form class="ask" role="group" :aria-label="`Remove ${member.name}`" @submit.prevent="remove">
    <p>
      {{ member.name }} is signed out everywhere at once, and their tokens end. What they wrote
      stays, under their name.
    </p>
    <label v-if="left?.actions">
      <span class="label">Hand {{ count(left.actions, 'open action') }} over to</span>
      <select v-model="handTo" class="field">
        <option value="">nobody: they stay {{ member.name }}’s</option>
        <option
          v-for="person in (people ?? []).filter((p) => p.name !== member.name)"
          :key="person.id"
          :value="person.id"
        >
          {{ person.name }}
        </option>
      </select>
    </label>
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <div class="acts">
      <button class="btn go" :disabled="busy || !left">Remove {{ member.name }}</button>
      <button class="btn" type="button" @click="emit('over')">Keep</button>
    </div>
  </form>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 10px;
  margin-top: 8px;
  padding: 12px 14px;
  border: 1px solid var(--rule);
  background: var(--paper);
}

.acts {
  display: flex;
  gap: 8px;
}
</style>
