<script setup lang="ts">
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { LampQuestion } from '../api/types'
import { useNotices } from '../shared/notices'

/** Keeps a question with its answer, so that it can be asked again. */
const props = defineProps<{ asked: LampQuestion }>()
const { say, attempt } = useNotices()

async function keep() {
  const kept = await answer(api.POST('/api/kept', { body: props.asked }))
  say('The question is kept with this answer.', {
    to: { path: `/lamp?kept=${kept.id}`, label: 'Ask it again' },
  })
  await outdate(keys.kept)
}
</script>

<template>
  <button data-writes class="btn" type="button" @click="attempt(keep())">Keep the question</button>
</template>
