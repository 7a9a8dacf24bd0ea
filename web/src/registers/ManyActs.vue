<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '../api/client'
import type { Act, Deed, Person } from '../api/types'
import DayField from '../shared/DayField.vue'
import { useNotices } from '../shared/notices'
import { ACT_NAMES, useActs } from '../shared/useActs'
import { count } from '../shared/words'

/** What can be done about all entries that are chosen, at once; undone at once, too. */
const props = defineProps<{ lines: string[]; people: Person[]; actions: boolean }>()
const emit = defineEmits<{ done: []; all: [] }>()

const { say, attempt } = useNotices()
const { change } = useActs()
const day = ref<string | null>(null)

async function act(kind: Act, deed: Partial<Pick<Deed, 'due' | 'ownerId'>> = {}) {
  const lines = [...props.lines]
  emit('done')
  await change(async () => {
    const matters = await answer(
      api.POST('/api/acts', {
        body: { lines, deed: { kind, due: null, ownerId: null, meetingId: null, ...deed } },
      }),
    )
    const acts = matters.flatMap((m) => (m.actId === null ? [] : [m.actId]))
    say(
      `${count(lines.length, 'entry', 'entries')} ${lines.length === 1 ? 'is' : 'are'} ${ACT_NAMES[kind]}.`,
      {
        undo: () =>
          void attempt(change(() => answer(api.POST('/api/acts/taken-back', { body: { acts } })))),
      },
    )
  })
}
</script>

<template>
  <div class="chosen-bar" role="region" aria-label="Chosen entries">
    <b class="figures" role="status">{{ count(lines.length, 'entry', 'entries') }} chosen</b>
    <button class="btn quiet" type="button" @click="emit('all')">All that are listed</button>
    <template v-if="lines.length">
      <button class="btn" type="button" @click="act('DONE')">Done</button>
      <template v-if="actions">
        <form @submit.prevent="day && act('RE_DATED', { due: day })">
          <label class="unseen" for="many-day">New day for all that are chosen</label>
          <DayField v-model="day" class="field" input-id="many-day" />
          <button class="btn" type="submit" :disabled="!day">New day</button>
        </form>
        <label>
          <span class="unseen">Hand all that are chosen over</span>
          <select
            class="field"
            @change="
              ($event.target as HTMLSelectElement).value &&
              act('HANDED_OVER', { ownerId: ($event.target as HTMLSelectElement).value })
            "
          >
            <option value="">Hand over to</option>
            <option v-for="p in people" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select>
        </label>
      </template>
      <button class="btn" type="button" @click="act('DROPPED')">Drop</button>
    </template>
  </div>
</template>

<style scoped>
form {
  display: flex;
  gap: 6px;
}
</style>
