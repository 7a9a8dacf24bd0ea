<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, sendForm } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate } from '../api/queries'
import type { Attachment } from '../api/types'
import DropZone from '../shared/DropZone.vue'
import { useNotices } from '../shared/notices'
import { fileSize } from '../shared/words'

const props = defineProps<{ meetingId: string }>()
const { say, attempt } = useNotices()
const path = computed(() => ({ id: props.meetingId }))

const { data, error } = useQuery({
  queryKey: [keys.attachments, props.meetingId],
  queryFn: () =>
    answer(api.GET('/api/meetings/{id}/attachments', { params: { path: path.value } })),
})
const attaching = ref('')

/** Each file goes alone, so that one that is refused keeps no other out. */
async function attach(files: File[]) {
  for (const file of files) {
    attaching.value = file.name
    const form = new FormData()
    form.append('file', file)
    try {
      await sendForm<Attachment>(`/api/meetings/${props.meetingId}/attachments`, form)
    } catch (thrown) {
      say(`${file.name} was not attached. ${messageOf(thrown)}`, { failed: true })
    }
  }
  attaching.value = ''
  await outdate(keys.attachments)
}

async function change(deed: Promise<unknown>): Promise<boolean> {
  const done = await attempt(deed)
  await outdate(keys.attachments)
  return done
}

async function remove(attachment: Attachment) {
  const at = { params: { path: { id: attachment.id } } }
  if (!(await change(answer(api.DELETE('/api/attachments/{id}', at))))) return
  say(`${attachment.name} is taken off.`, {
    undo: () => void change(answer(api.POST('/api/attachments/{id}/restore', at))),
  })
}
</script>

<template>
  <DropZone says="Let go to attach it" @files="attach">
    <template #default="{ choose }">
      <section aria-label="Attachments">
        <h2 class="section-head">
          Attachments <span v-if="data?.length">{{ data.length }}</span>
        </h2>
        <p v-if="error" class="small red" role="alert">{{ messageOf(error) }}</p>
        <ul v-if="data?.length">
          <li v-for="a in data" :key="a.id">
            <div>
              <a v-if="!a.problem || a.mine" :href="`/api/attachments/${a.id}`" download>{{
                a.name
              }}</a>
              <span v-else>{{ a.name }}</span>
              <span class="small"> {{ a.type }} · {{ fileSize(a.size) }} · {{ a.by }} </span>
              <p v-if="a.problem" class="small red" role="alert">
                Held back from others: {{ a.problem }}.
              </p>
            </div>
            <button
              data-writes
              class="btn quiet"
              type="button"
              :aria-label="`Take ${a.name} off`"
              @click="remove(a)"
            >
              Take off
            </button>
          </li>
        </ul>
        <p v-if="attaching" class="small" role="status">Attaching {{ attaching }} …</p>
        <button v-else data-writes class="btn quiet" type="button" @click="choose">
          Attach files
        </button>
      </section>
    </template>
  </DropZone>
</template>

<style scoped>
li {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 14px;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
  font: 15px/1.4 var(--serif);
}

li > div > .small {
  margin-left: 8px;
}

li > div {
  min-width: 0;
  overflow-wrap: anywhere;
}

.small {
  font-family: var(--sans);
}

.btn.quiet {
  margin-top: 4px;
  margin-left: -8px;
}

li .btn.quiet {
  margin: 0;
}
</style>
