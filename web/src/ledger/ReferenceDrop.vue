<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { sendForm } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { ReferenceNote } from '../api/types'
import { folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'

/** Files documents of the team's own beside the folios. */
const router = useRouter()
const { say, attempt } = useNotices()
const input = ref<HTMLInputElement>()
const busy = ref(false)

async function file(files: FileList | null) {
  busy.value = true
  const filed: ReferenceNote[] = []
  for (const one of files ?? []) {
    const form = new FormData()
    form.append('file', one)
    await attempt(
      sendForm<ReferenceNote>('/api/references', form).then((note) => {
        filed.push(note)
      }),
    )
  }
  busy.value = false
  if (input.value) input.value.value = ''
  await outdate(keys.ledger)
  const [first] = filed
  if (first && filed.length === 1) await router.push(folioAddress(first.folio))
  else if (filed.length) say(`${filed.length} reference notes are filed.`)
}
</script>

<template>
  <label data-writes class="btn" :class="{ busy }">
    {{ busy ? 'Filing …' : 'File a document' }}
    <input
      ref="input"
      type="file"
      class="unseen"
      multiple
      accept=".md,.docx,.odt,.pdf,.txt,.rtf,.html"
      :disabled="busy"
      @change="file(($event.target as HTMLInputElement).files)"
    />
  </label>
</template>

<style scoped>
label:focus-within {
  outline: 2px solid var(--green);
  outline-offset: 2px;
}

.busy {
  opacity: 0.6;
}
</style>
