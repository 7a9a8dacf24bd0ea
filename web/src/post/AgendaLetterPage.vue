<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Recipient } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import { settled } from '../shared/settled'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'
import { guestsIn } from '../tray/meetingForm'
import LetterDesk from './LetterDesk.vue'
import OthersField from './OthersField.vue'
import { useOutside } from './outside'
import OutsideCheck from './OutsideCheck.vue'

const route = useRoute()
const router = useRouter()
const path = { id: String(route.params.id) }
const { say } = useNotices()

const { data, error, refetch } = useQuery({
  queryKey: ['agendaLetter', path.id],
  queryFn: () => answer(api.GET('/api/meetings/{id}/agenda-letter', { params: { path } })),
  staleTime: 0,
})

const message = ref('')
const withMatters = ref(true)
const left = ref<string[]>([])
const more = ref('')

const typed = computed(() => guestsIn(more.value))
const isUnclear = computed(() => typed.value.some((g) => !g.email))
const to = computed<Recipient[]>(() => [
  ...(data.value?.to.filter((r) => !left.value.includes(r.address)) ?? []),
  ...typed.value.flatMap((g) => (g.email ? [{ name: g.name, address: g.email }] : [])),
])
const { outside, meant, isUnmeant } = useOutside(
  () => to.value,
  () => data.value?.domains ?? [],
)

/** The words as they will go out, a moment after the last key. */
const wanted = settled(() => ({ message: message.value, withMatters: withMatters.value }))
const { data: words } = useQuery({
  queryKey: ['agendaWords', path.id, wanted],
  queryFn: () =>
    answer(
      api.POST('/api/meetings/{id}/agenda-letter/words', { params: { path }, body: wanted.value }),
    ),
  placeholderData: (before) => before,
  staleTime: 0,
})

const { busy, refused, run } = useDeed()

const send = () =>
  run(async () => {
    await answer(
      api.POST('/api/meetings/{id}/agenda-letter', {
        params: { path },
        body: {
          message: message.value,
          withMatters: withMatters.value,
          to: to.value,
          outside: meant.value,
        },
      }),
    )
    await outdate(keys.post)
    say(`The agenda is on its way to ${count(to.value.length, 'person', 'people')}.`, {
      to: { path: '/post', label: 'Post room' },
    })
    await router.push(`/meeting/${path.id}`)
  })
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <LetterDesk
    v-else-if="data"
    title="Circulate the agenda"
    :subject="words?.subject"
    :words="words?.text"
    @send="send"
  >
    <fieldset>
      <legend class="label">To</legend>
      <label v-for="r in data.to" :key="r.address" class="check">
        <input
          type="checkbox"
          :checked="!left.includes(r.address)"
          @change="
            left = left.includes(r.address)
              ? left.filter((a) => a !== r.address)
              : [...left, r.address]
          "
        />
        <span>
          {{ r.name }} <span class="small">{{ r.address }}</span>
        </span>
      </label>
      <p v-if="!data.to.length" class="small">No mail address is known of anybody invited.</p>
      <p v-if="data.without.length" class="small">
        Invited, with no known address: {{ data.without.join(', ') }}.
      </p>
    </fieldset>
    <OthersField v-model="more" />
    <label>
      <span class="label">Covering words</span>
      <textarea v-model="message" class="field" rows="5" maxlength="5000" />
    </label>
    <label class="check">
      <input v-model="withMatters" type="checkbox" />
      <span>with the matters arising that are open</span>
    </label>
    <OutsideCheck v-model="meant" :outside="outside" :domains="data.domains" />
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <div class="foot">
      <RouterLink class="btn quiet" :to="`/meeting/${path.id}`">Back to the meeting</RouterLink>
      <button class="btn go" :disabled="busy || !to.length || isUnclear || isUnmeant">
        {{ to.length ? `Circulate to ${to.length}` : 'Circulate' }}
      </button>
    </div>
  </LetterDesk>
</template>
