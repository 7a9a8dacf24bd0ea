<script setup lang="ts">
import { ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import PageHead from '../shared/PageHead.vue'
import { useDeed } from '../shared/useDeed'
import { handedFiles, handIn } from './handIn'
import ImportRunCard from './ImportRunCard.vue'
import { useImports } from './useImports'

/** Brings piles of old papers in: folders, archives, files. */
const { data, error, refetch } = useImports()
const { busy, refused, run } = useDeed()
const handed = ref(0)
const all = ref(0)
const mine = ref<string>()
const folder = ref<HTMLInputElement>()
const files = ref<HTMLInputElement>()

async function bringIn(chosen: FileList | null) {
  const pile = handedFiles(chosen ?? [])
  const [first] = pile
  if (!first) return
  all.value = pile.length
  handed.value = 0
  await run(async () => {
    const name = first.path.includes('/')
      ? (first.path.split('/')[0] ?? first.path)
      : pile.length === 1
        ? first.path
        : `${first.path} and ${pile.length - 1} more`
    const { id } = await answer(api.POST('/api/imports', { body: { name: name.slice(0, 255) } }))
    mine.value = id
    await outdate(keys.imports)
    for (const one of pile) {
      await handIn(id, one)
      handed.value++
    }
    await answer(api.POST('/api/imports/{id}/start', { params: { path: { id } } }))
  })
  for (const input of [folder.value, files.value]) if (input) input.value = ''
  await outdate(keys.imports)
}
</script>

<template>
  <div class="column-page">
    <PageHead title="Old papers">
      Minutes from before, transcripts, and what this program wrote out elsewhere, each under the
      day of its own meeting. Minutes are filed as they were written; transcripts are drafted and
      wait for review. The same file twice is brought in once.
      <template #acts>
        <label class="btn go">
          Choose a folder
          <input
            ref="folder"
            class="unseen"
            type="file"
            webkitdirectory
            :disabled="busy"
            @change="bringIn(($event.target as HTMLInputElement).files)"
          />
        </label>
        <label class="btn">
          Choose files or an archive
          <input
            ref="files"
            class="unseen"
            type="file"
            multiple
            :disabled="busy"
            @change="bringIn(($event.target as HTMLInputElement).files)"
          />
        </label>
      </template>
    </PageHead>
    <p v-if="busy" class="small" role="status">Handing in {{ handed }} of {{ all }} …</p>
    <p v-if="refused" class="red" role="alert">
      {{ refused }} What was handed in before that is kept: choose the same again to go on.
    </p>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <template v-else-if="data">
      <ImportRunCard v-for="r in data" :key="r.id" :run="r" :open="r.id === mine" />
      <EmptyState v-if="!data.length" title="Nothing was brought in yet">
        A folder or a zip archive of Markdown, Word, OpenDocument, PDF and text files, of subtitles
        and transcripts. A folder with several files in it becomes a series.
      </EmptyState>
    </template>
  </div>
</template>

<style scoped>
label:focus-within {
  outline: 2px solid var(--green);
  outline-offset: 2px;
}
</style>
