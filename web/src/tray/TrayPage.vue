<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, sendForm } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate, useTray } from '../api/queries'
import type { Source, TakenIn } from '../api/types'
import DropZone from '../shared/DropZone.vue'
import EmptyState from '../shared/EmptyState.vue'
import ErrorNote from '../shared/ErrorNote.vue'
import PageHead from '../shared/PageHead.vue'
import { useNotices } from '../shared/notices'
import { count } from '../shared/words'
import PasteBox from './PasteBox.vue'
import SourceCard from './SourceCard.vue'

const router = useRouter()
const { say } = useNotices()
const { data: sources, error, refetch } = useTray()

const pasting = ref(false)
const takingIn = ref('')

async function takeIn(what: string, send: () => Promise<TakenIn[]>): Promise<TakenIn[]> {
  takingIn.value = what
  try {
    return await send()
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
    return []
  } finally {
    takingIn.value = ''
    await outdate(keys.tray, keys.day)
  }
}

/** Each file goes alone, so that one that is refused keeps no other out; invitations go to the day sheet. */
async function takeFiles(files: File[]) {
  const taken: TakenIn[] = []
  let sources = 0
  for (const [i, file] of files.entries()) {
    const which = files.length === 1 ? file.name : `${file.name}, ${i + 1} of ${files.length}`
    if (await isInvitation(file)) {
      await takeIn(which, () => sendInvitation(file, files.length === 1))
    } else {
      sources++
      taken.push(...(await takeIn(which, () => sendFile(file))))
    }
  }
  report(taken, sources)
}

/** Whether a file is a calendar's, or a mail with one in it. */
async function isInvitation(file: File): Promise<boolean> {
  if (!/\.(?:ics|eml)$/i.test(file.name)) return false
  return /BEGIN:VCALENDAR|text\/calendar/i.test(await file.text())
}

async function sendInvitation(file: File, alone: boolean): Promise<TakenIn[]> {
  const form = new FormData()
  form.append('file', file)
  const { meetings } = await sendForm<{ meetings: string[] }>('/api/calendar/file', form)
  say(`${count(meetings.length, 'meeting')} of ${file.name} on the day sheet.`)
  await outdate(keys.meetings)
  const [first] = meetings
  if (alone && first) await router.push(`/meeting/${first}`)
  return []
}

async function sendFile(file: File) {
  const form = new FormData()
  form.append('files', file)
  try {
    return await sendForm<TakenIn[]>('/api/tray', form)
  } catch (thrown) {
    throw new Error(`${file.name} was not taken in. ${messageOf(thrown)}`, { cause: thrown })
  }
}

async function takeText(name: string, text: string) {
  const body = { name: name || null, text }
  const taken = await takeIn('the pasted text', async () => [
    await answer(api.POST('/api/tray/text', { body })),
  ])
  if (taken.length) pasting.value = false
  report(taken, 1)
}

/** One source that can be read leads on to its meeting; of several, or a broken one, the list says enough. */
function report(taken: TakenIn[], sent: number) {
  taken
    .filter((t) => t.sameAs !== null)
    .forEach((t) => say(`${t.source.name} holds the same bytes as ${t.sameAs}.`))
  const only = sent === 1 ? taken[0] : undefined
  if (only?.source.state === 'READ' && only.sameAs === null) {
    void router.push(`/tray/${only.source.id}`)
  }
}

async function discard(source: Source) {
  const params = { path: { id: source.id } }
  try {
    await answer(api.DELETE('/api/sources/{id}', { params }))
    await outdate(keys.tray, keys.day)
    say(`${source.name} is out of the tray.`, {
      undo: () =>
        void answer(api.POST('/api/sources/{id}/restore', { params }))
          .then(() => outdate(keys.tray, keys.day))
          .catch((thrown) => say(messageOf(thrown), { failed: true })),
    })
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}
</script>

<template>
  <DropZone says="Let go to put it in the tray" @files="takeFiles">
    <template #default="{ choose }">
      <div class="tray">
        <PageHead title="In-tray">
          Transcripts and notes that belong to no minutes yet.
          <span data-writes>
            Drop files anywhere on this page: WebVTT, SubRip, text with speakers, a recorder’s JSON,
            plain notes; Word, OpenDocument, PDF, web page or mail around them. An invitation (.ics,
            .eml) becomes a meeting.
          </span>
          <template #acts>
            <button data-writes class="btn" type="button" @click="pasting = !pasting">
              Paste text
            </button>
            <button data-writes class="btn go" type="button" @click="choose">Choose files</button>
          </template>
        </PageHead>
        <p v-if="takingIn" class="busy" role="status">Taking in {{ takingIn }} …</p>
        <PasteBox v-if="pasting" @text="takeText" @cancel="pasting = false" />
        <ErrorNote v-if="error" :error="error" @retry="refetch()" />
        <ul v-else-if="sources?.length" class="list">
          <li v-for="source in sources" :key="source.id">
            <SourceCard :source="source" @discard="discard(source)" />
          </li>
        </ul>
        <EmptyState v-else-if="sources && !pasting" title="The tray is empty">
          What a recorder wrote or somebody typed comes in here, and waits until you say which
          meeting it belongs to.
          <template #next>
            <button data-writes class="btn go" type="button" @click="choose">Choose files</button>
          </template>
        </EmptyState>
      </div>
    </template>
  </DropZone>
</template>

<style scoped>
.tray {
  min-height: 640px;
  max-width: 980px;
  margin: 0 auto;
  padding: 26px 30px 40px;
}

.busy {
  margin-top: 16px;
  font-style: italic;
}

.list {
  margin-top: 22px;
  border-top: 1px solid var(--rule);
}

.list li {
  border-bottom: 1px solid var(--rule);
}
</style>
