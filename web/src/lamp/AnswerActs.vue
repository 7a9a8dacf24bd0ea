<script setup lang="ts">
import Menu from 'primevue/menu'
import { ref } from 'vue'
import { answer as reply, api } from '../api/client'
import type { LampAnswer, LampQuestion } from '../api/types'
import { useNotices } from '../shared/notices'
import { saveFile } from '../shared/saveFile'
import { plainAnswer } from './plainAnswer'

/** What can be done with an answer: it is copied, written to a file. */
const props = defineProps<{ asked: LampQuestion; answer: LampAnswer }>()
const { say, attempt } = useNotices()

type Form = 'pdf' | 'docx' | 'html' | 'md' | 'csv'
const FORMS: [Form, string][] = [
  ['pdf', 'PDF'],
  ['docx', 'Word document (.docx)'],
  ['html', 'Web page (.html)'],
  ['md', 'Markdown (.md)'],
  ['csv', 'Table (.csv)'],
]

const menu = ref<InstanceType<typeof Menu>>()
const open = ref(false)
const choices = FORMS.map(([form, label]) => ({ label, command: () => attempt(fetched(form)) }))

async function fetched(form: Form) {
  const file: unknown = await reply(
    api.POST('/api/ask/file', {
      params: { query: { form } },
      body: props.asked,
      parseAs: 'blob',
    }),
  )
  saveFile(file as Blob, `answer.${form}`)
}

async function copy() {
  if (await attempt(navigator.clipboard.writeText(plainAnswer(props.answer))))
    say('The answer is copied with its folios.')
}
</script>

<template>
  <button class="btn" type="button" @click="copy">Copy with folios</button>
  <button
    class="btn"
    type="button"
    aria-haspopup="menu"
    :aria-expanded="open"
    @click="menu?.toggle($event)"
  >
    Export
  </button>
  <Menu ref="menu" :model="choices" popup @show="open = true" @hide="open = false" />
  <slot />
</template>
