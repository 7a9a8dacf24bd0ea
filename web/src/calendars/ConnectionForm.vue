<script setup lang="ts">
import { reactive, ref } from 'vue'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import type { ConnectionFacts, OfferedCalendar } from '../api/types'

defineProps<{ refused: string }>()
const emit = defineEmits<{ keep: [facts: ConnectionFacts]; leave: [] }>()

const form = reactive<ConnectionFacts>({
  kind: 'CALDAV',
  name: '',
  address: '',
  username: '',
  secret: '',
})
const offered = ref<OfferedCalendar[] | null>(null)
const looking = ref(false)
const trouble = ref('')
let proposed = ''

/** Asks a CalDAV server which calendars it has for whoever signs in. */
async function look() {
  looking.value = true
  trouble.value = ''
  offered.value = null
  try {
    const { address, username, secret } = form
    offered.value = await answer(
      api.POST('/api/connections/offered', { body: { address, username, secret } }),
    )
    const first = offered.value[0]
    if (first) choose(first)
  } catch (thrown) {
    trouble.value = messageOf(thrown)
  } finally {
    looking.value = false
  }
}

function choose(calendar: OfferedCalendar) {
  form.address = calendar.address
  // A name that somebody typed stays.
  if (form.name === '' || form.name === proposed) form.name = proposed = calendar.name
}
</script>

<template>
  <form class="paired" @submit.prevent="emit('keep', { ...form })">
    <fieldset>
      <legend class="label">Kind</legend>
      <label><input v-model="form.kind" type="radio" value="CALDAV" /> CalDAV server</label>
      <label><input v-model="form.kind" type="radio" value="FEED" /> feed (one .ics address)</label>
    </fieldset>
    <label class="wide">
      <span class="label">Address</span>
      <input
        v-model="form.address"
        class="field"
        required
        maxlength="1000"
        placeholder="https://"
      />
    </label>
    <label>
      <span class="label">Name to sign in with</span>
      <input v-model="form.username" class="field" maxlength="254" autocomplete="off" />
    </label>
    <label>
      <span class="label">Password, kept encrypted</span>
      <input
        v-model="form.secret"
        class="field"
        type="password"
        maxlength="500"
        autocomplete="new-password"
      />
    </label>
    <div v-if="form.kind === 'CALDAV'" class="wide">
      <button class="btn" type="button" :disabled="looking || !form.address" @click="look">
        {{ looking ? 'Looking …' : 'Look for its calendars' }}
      </button>
      <p v-if="trouble" class="red small" role="alert">{{ trouble }}</p>
      <p v-else-if="offered && !offered.length" class="small">The server offers no calendar.</p>
      <label v-else-if="offered">
        <span class="label">Calendar</span>
        <select
          class="field"
          @change="
            choose(offered[($event.target as HTMLSelectElement).selectedIndex] as OfferedCalendar)
          "
        >
          <option v-for="c in offered" :key="c.address">{{ c.name }}</option>
        </select>
      </label>
    </div>
    <label class="wide">
      <span class="label">What to call it here</span>
      <input v-model="form.name" class="field" required maxlength="120" />
    </label>
    <div class="foot">
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <button class="btn quiet" type="button" @click="emit('leave')">Leave it</button>
      <button class="btn go" type="submit" :disabled="looking">Connect</button>
    </div>
  </form>
</template>

<style scoped>
form {
  padding: 18px 20px;
  background: var(--paper-2);
  border: 1px solid var(--rule);
  border-radius: 3px;
}

fieldset {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  border: 0;
  padding: 0;
  margin: 0;
}

legend {
  float: left;
  width: 100%;
}

.wide p,
.wide label {
  margin-top: 8px;
}
</style>
