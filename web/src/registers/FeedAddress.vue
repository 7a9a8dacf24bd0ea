<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import { longDay } from '../shared/dates'
import { useDeed } from '../shared/useDeed'

/** The address under which a calendar gets one's own due dates. It is told once. */
const { data } = useQuery({
  queryKey: [keys.feed],
  queryFn: () => answer(api.GET('/api/feed')),
})
const { busy, refused, run } = useDeed()
const address = ref('')

async function make() {
  await run(async () => {
    address.value = (await answer(api.POST('/api/feed'))).address ?? ''
  })
  await outdate(keys.feed)
}

async function revoke() {
  address.value = ''
  await run(() => answer(api.DELETE('/api/feed')))
  await outdate(keys.feed)
}

function copy() {
  void navigator.clipboard.writeText(address.value)
}
</script>

<template>
  <section v-if="data" class="feed" aria-label="Your due dates in a calendar">
    <h2>Your due dates</h2>
    <template v-if="address">
      <p class="small">Subscribe to this address in your calendar. It is shown this once.</p>
      <input
        class="field"
        readonly
        :value="address"
        aria-label="Address of your due dates"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <button class="btn quiet" type="button" @click="copy">Copy</button>
    </template>
    <p v-else-if="data.madeAt" class="small">
      A calendar may read what {{ data.person }} has to do, by an address made on
      {{ longDay(data.madeAt.slice(0, 10)) }}.
    </p>
    <p v-else class="small">For your calendar: an address that lists what you have to do.</p>
    <p>
      <button class="btn quiet" type="button" :disabled="busy" @click="make">
        {{ data.madeAt ? 'Another address' : 'Make an address' }}
      </button>
      <button v-if="data.madeAt" class="btn quiet" type="button" :disabled="busy" @click="revoke">
        Revoke
      </button>
    </p>
    <p v-if="refused" class="red small" role="alert">{{ refused }}</p>
  </section>
</template>

<style scoped>
.feed {
  margin: 24px 0 0 8px;
  padding-top: 14px;
  border-top: 1px solid var(--rule-strong);
}

.field {
  width: 100%;
  font-size: 12px;
}
</style>
