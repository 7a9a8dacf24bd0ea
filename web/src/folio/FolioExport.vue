<script setup lang="ts">
import Menu from 'primevue/menu'
import { computed, ref } from 'vue'
import { useHouse } from '../api/queries'

/** A folio as a file, in every form. */
const props = defineProps<{ folio: number }>()

const PAPERS: [string, string][] = [
  ['pdf', 'PDF'],
  ['docx', 'Word document (.docx)'],
  ['html', 'Web page (.html)'],
  ['md', 'Markdown (.md)'],
  ['txt', 'Plain text (.txt)'],
  ['eml', 'Mail draft (.eml)'],
  ['json', 'Data (.json)'],
]
const ACTIONS: [string, string][] = [
  ['ics', 'Actions as tasks (.ics)'],
  ['csv', 'Actions as a table (.csv)'],
]

const menu = ref<InstanceType<typeof Menu>>()
const open = ref(false)
const passages = ref(false)

const { data: house } = useHouse()

const choices = computed(() => [
  ...(house.value?.sheet
    ? [{ label: 'House document (.docx)', command: () => fetchFile('house-paper') }]
    : []),
  ...PAPERS.map(([form, label]) => ({ label, command: () => fetchFile('paper', form) })),
  { separator: true },
  ...ACTIONS.map(([form, label]) => ({ label, command: () => fetchFile('actions', form) })),
])

/** The server answers with a file to keep; the page stays. */
function fetchFile(what: string, form?: string) {
  const query = new URLSearchParams(form ? { form } : {})
  if (what === 'paper' && passages.value) query.set('passages', 'true')
  const link = document.createElement('a')
  link.href = `/api/folios/${props.folio}/${what}?${query}`
  link.download = ''
  link.click()
}
</script>

<template>
  <button
    class="btn"
    type="button"
    aria-haspopup="menu"
    :aria-expanded="open"
    @click="menu?.toggle($event)"
  >
    Export
  </button>
  <Menu ref="menu" :model="choices" popup @show="open = true" @hide="open = false">
    <template #start>
      <label class="small">
        <input v-model="passages" type="checkbox" />
        with the words the lines rest on
      </label>
    </template>
  </Menu>
</template>

<style scoped>
label {
  display: flex;
  gap: 8px;
  align-items: baseline;
  padding: 6px 12px 8px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 6px;
}
</style>
