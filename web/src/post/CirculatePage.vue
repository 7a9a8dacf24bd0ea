<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Reader } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import { settled } from '../shared/settled'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'
import { guestsIn } from '../tray/meetingForm'
import LetterDesk from './LetterDesk.vue'
import OthersField from './OthersField.vue'
import { useOutside } from './outside'
import OutsideCheck from './OutsideCheck.vue'
import { addressees, type Chosen, PART_NAMES, REASONS, together } from './readers'

const router = useRouter()
const number = Number(useRoute().params.number)
const path = { number }
const { say } = useNotices()

const { data, error, refetch } = useQuery({
  queryKey: ['circulation', number],
  queryFn: () => answer(api.GET('/api/folios/{number}/circulation', { params: { path } })),
  staleTime: 0,
})

const cover = ref('')
const form = ref<'TEXT' | 'PDF'>('TEXT')
const more = ref('')
const added = ref<Reader[]>([])
const chosen = reactive(new Map<string, Chosen>())

const typed = computed(() => guestsIn(more.value))
const isUnclear = computed(() => typed.value.some((g) => !g.email))
const readers = computed(() => together(data.value?.readers ?? [], added.value))
const reached = computed(() => readers.value.filter((r) => r.address !== null))
const without = computed(() => readers.value.filter((r) => r.address === null).map((r) => r.name))
const to = computed(() => addressees(reached.value, chosen, typed.value))
const { outside, meant, isUnmeant } = useOutside(
  () => to.value.map((a) => a.recipient),
  () => data.value?.domains ?? [],
)

function of(reader: Reader): Chosen {
  return chosen.get(reader.name) ?? { left: false, part: reader.part }
}

function choose(reader: Reader, change: Partial<Chosen>) {
  chosen.set(reader.name, { ...of(reader), ...change })
}

/** Whose letter is looked at: the first, until somebody else is chosen. */
const looked = ref('')
const shown = computed(
  () => to.value.find((a) => a.recipient.name === looked.value) ?? to.value[0] ?? null,
)

/** The words as they will go out, a moment after the last key. */
const settledCover = settled(() => cover.value)
const wish = computed(() => ({
  reader: shown.value?.recipient.name ?? '',
  part: shown.value?.part ?? ('WHOLE' as const),
  form: form.value,
  cover: settledCover.value,
}))
const { data: words } = useQuery({
  queryKey: ['minutesWords', number, wish],
  queryFn: () =>
    answer(
      api.POST('/api/folios/{number}/circulation/words', { params: { path }, body: wish.value }),
    ),
  enabled: computed(() => shown.value !== null),
  placeholderData: (before) => before,
  staleTime: 0,
})

const { busy, refused, run } = useDeed()

const send = () =>
  run(async () => {
    await answer(
      api.POST('/api/folios/{number}/circulation', {
        params: { path },
        body: { form: form.value, cover: cover.value, to: to.value, outside: meant.value },
      }),
    )
    await outdate(keys.post, keys.folio)
    say(`Folio ${number} is on its way to ${count(to.value.length, 'person', 'people')}.`, {
      to: { path: '/post', label: 'Post room' },
    })
    await router.push(folioAddress(number))
  })
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <LetterDesk
    v-else-if="data"
    :title="`Circulate folio ${number}`"
    :subject="words?.subject"
    :words="words?.text"
    @send="send"
  >
    <p v-if="data.circulated > 0" class="small">
      Revision {{ data.circulated }} went out before;
      {{
        data.revision > data.circulated
          ? `this is revision ${data.revision}.`
          : 'nothing was changed since.'
      }}
    </p>
    <fieldset>
      <legend class="label">To</legend>
      <div v-for="reader in reached" :key="reader.name" class="reader">
        <label class="check">
          <input
            type="checkbox"
            :checked="!of(reader).left"
            @change="choose(reader, { left: !of(reader).left })"
          />
          <span>
            {{ reader.name }}
            <span class="small">{{ REASONS[reader.reason] }} · {{ reader.address }}</span>
          </span>
        </label>
        <select
          class="btn"
          :aria-label="`What ${reader.name} gets`"
          :disabled="of(reader).left"
          :value="of(reader).part"
          @change="
            choose(reader, { part: ($event.target as HTMLSelectElement).value as Reader['part'] })
          "
        >
          <option v-for="(name, part) in PART_NAMES" :key="part" :value="part">{{ name }}</option>
        </select>
      </div>
      <p v-if="!reached.length" class="small">No mail address is known of anybody concerned.</p>
      <p v-if="without.length" class="small">With no known address: {{ without.join(', ') }}.</p>
      <p v-if="data.groups.some((g) => g.readers.length)" class="groups">
        <button
          v-for="group in data.groups.filter((g) => g.readers.length)"
          :key="group.name"
          class="btn quiet"
          type="button"
          @click="added = together(added, group.readers)"
        >
          + {{ group.name }}
        </button>
      </p>
    </fieldset>
    <OthersField v-model="more" />
    <fieldset class="form">
      <legend class="label">The minutes go</legend>
      <label class="check">
        <input v-model="form" type="radio" value="TEXT" /> <span>as the letter itself</span>
      </label>
      <label class="check">
        <input v-model="form" type="radio" value="PDF" />
        <span>as a PDF beside a short letter</span>
      </label>
    </fieldset>
    <label>
      <span class="label">Covering words</span>
      <textarea v-model="cover" class="field" rows="3" maxlength="5000" />
    </label>
    <OutsideCheck v-model="meant" :outside="outside" :domains="data.domains" />
    <p v-if="refused" class="red" role="alert">{{ refused }}</p>
    <div class="foot">
      <RouterLink class="btn quiet" :to="folioAddress(number)">Back to the folio</RouterLink>
      <button class="btn go" :disabled="busy || !to.length || isUnclear || isUnmeant">
        {{ to.length ? `Circulate to ${to.length}` : 'Circulate' }}
      </button>
    </div>
    <template #above>
      <label v-if="shown" class="whose small">
        As it reaches
        <select
          class="btn"
          :value="shown.recipient.name"
          @change="looked = ($event.target as HTMLSelectElement).value"
        >
          <option v-for="a in to" :key="a.recipient.address" :value="a.recipient.name">
            {{ a.recipient.name }}
          </option>
        </select>
      </label>
    </template>
  </LetterDesk>
</template>

<style scoped>
.reader {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  align-items: center;
}

.reader select {
  min-height: 28px;
  font-weight: 500;
}

.groups {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-left: -8px;
}

.form {
  display: flex !important;
  flex-wrap: wrap;
  gap: 4px 20px !important;
}

.whose {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-bottom: 16px;
}
</style>
