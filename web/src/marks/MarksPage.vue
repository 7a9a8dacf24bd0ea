<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate } from '../api/queries'
import type { Shorthand, ShorthandFacts } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import { count } from '../shared/words'
import PairList from './PairList.vue'
import { asFile, fromFile, MARK_MEANINGS, without } from './shorthand'
import TryLine from './TryLine.vue'

const { say } = useNotices()
const { data, error, refetch } = useQuery({
  queryKey: [keys.shorthand],
  queryFn: () => answer(api.GET('/api/shorthand')),
})

const refused = ref({ marks: '', abbreviations: '' })

const factsOf = ({ marks, abbreviations }: Shorthand): ShorthandFacts => ({ marks, abbreviations })

/** Stores all of it; what cannot be used is said beside the list it was meant for. */
async function keep(list: 'marks' | 'abbreviations', facts: ShorthandFacts): Promise<boolean> {
  if (!data.value) return false
  refused.value[list] = ''
  try {
    await answer(
      api.PUT('/api/shorthand', {
        params: { header: onVersion(data.value.version) },
        body: facts,
      }),
    )
    return true
  } catch (thrown) {
    refused.value[list] = messageOf(thrown)
    return false
  } finally {
    await outdate(keys.shorthand)
  }
}

function addMark(sign: string, says: string) {
  const now = factsOf(data.value as Shorthand)
  const mark = { sign, says: says as ShorthandFacts['marks'][number]['says'] }
  return keep('marks', { ...now, marks: [...now.marks, mark] })
}

function addAbbreviation(brief: string, full: string) {
  const now = factsOf(data.value as Shorthand)
  return keep('abbreviations', { ...now, abbreviations: [...now.abbreviations, { brief, full }] })
}

async function remove(list: 'marks' | 'abbreviations', first: string, second: string) {
  if (!(await keep(list, without(factsOf(data.value as Shorthand), list, first)))) return
  say(`“${first}” is gone.`, {
    undo: () => void (list === 'marks' ? addMark(first, second) : addAbbreviation(first, second)),
  })
}
const file = ref<HTMLInputElement>()
const hasOwn = computed(
  () => (data.value?.marks.length ?? 0) + (data.value?.abbreviations.length ?? 0) > 0,
)

/** Puts others in the place of all there are, and offers to put those back. */
async function replace(facts: ShorthandFacts, what: string) {
  const before = factsOf(data.value as Shorthand)
  if (await keep('marks', facts)) say(what, { undo: () => void keep('marks', before) })
}

const restore = () => replace({ marks: [], abbreviations: [] }, 'Only everybody’s marks are left.')

async function bringIn() {
  const chosen = file.value?.files?.[0]
  if (!file.value || !chosen) return
  file.value.value = ''
  try {
    const facts = fromFile(await chosen.text())
    await replace(
      facts,
      `${count(facts.marks.length, 'mark')} and ${count(facts.abbreviations.length, 'abbreviation')} brought in.`,
    )
  } catch (thrown) {
    refused.value.marks = messageOf(thrown)
  }
}

function takeAway() {
  const address = URL.createObjectURL(
    new Blob([asFile(factsOf(data.value as Shorthand))], { type: 'application/json' }),
  )
  const link = document.createElement('a')
  link.href = address
  link.download = 'marks.json'
  link.click()
  URL.revokeObjectURL(address)
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Marks and abbreviations">
      Signs at the start of a note line that say what it is, and short forms that are written out in
      minutes. Marks are for notes that come in from now on, abbreviations for the next drafting;
      notes themselves stay as typed.
      <template #acts>
        <button class="btn" type="button" @click="file?.click()">Bring in a file</button>
        <button class="btn" type="button" :disabled="!hasOwn" @click="takeAway">As a file</button>
        <button class="btn" type="button" :disabled="!hasOwn" @click="restore">
          Everybody’s alone
        </button>
        <input
          ref="file"
          class="unseen"
          type="file"
          accept=".json,application/json"
          tabindex="-1"
          aria-hidden="true"
          data-testid="marks-file"
          @change="bringIn"
        />
      </template>
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <div v-else-if="data" class="lists">
      <PairList
        title="Marks"
        first="Sign"
        second="Says that the line is"
        :pairs="data.marks.map((m) => [m.sign, m.says])"
        :fixed="data.everybodys.map((m) => [m.sign, m.says])"
        :choices="MARK_MEANINGS"
        :longest="[8, 20]"
        :refused="refused.marks"
        :add="addMark"
        @remove="(sign, says) => remove('marks', sign, says)"
      />
      <PairList
        title="Abbreviations"
        first="Short form"
        second="Written out"
        :pairs="data.abbreviations.map((a) => [a.brief, a.full])"
        :fixed="[]"
        :choices="null"
        :longest="[20, 120]"
        :refused="refused.abbreviations"
        :add="addAbbreviation"
        @remove="(brief, full) => remove('abbreviations', brief, full)"
      />
    </div>
    <TryLine v-if="data" />
  </div>
</template>

<style scoped>
.lists {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 30px 46px;
  margin-top: 24px;
  align-items: start;
}
</style>
