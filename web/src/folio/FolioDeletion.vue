<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import { useAsked } from '../shared/useAsked'
import { useDeed } from '../shared/useDeed'
import { count } from '../shared/words'

/** Deletes a folio for good, after a reason and after showing what goes with it. */
const props = defineProps<{ folio: number }>()

const router = useRouter()
const { say } = useNotices()
const { busy, refused, run } = useDeed()
const { asked, typed: reason, ask, leave } = useAsked()
const params = { path: { number: props.folio } }

const { data, error, refetch } = useQuery({
  queryKey: [keys.folio, props.folio, 'erasing'],
  queryFn: () => answer(api.GET('/api/folios/{number}/erasing', { params })),
  enabled: asked,
})
const goes = computed(() => {
  const d = data.value
  if (!d) return []
  return [
    count(d.lines, 'line'),
    d.sources && `${count(d.sources, 'source')}, as received`,
    d.attachments && count(d.attachments, 'attachment'),
    d.letters && `${count(d.letters, 'letter')} in the post room`,
    d.excerpts && count(d.excerpts, 'excerpt'),
    d.keptAnswers && count(d.keptAnswers, 'kept answer'),
    'notes, remarks and private margins of the meeting',
    'links from later folios',
  ].filter(Boolean)
})

async function erase() {
  const done = await run(() =>
    answer(api.POST('/api/folios/{number}/erasing', { params, body: { reason: reason.value } })),
  )
  if (!done) return
  await outdate(keys.ledger)
  say(`Folio ${props.folio} is deleted.`)
  await router.push('/ledger')
}
</script>

<template>
  <section class="deletion" aria-label="Delete for good">
    <button v-if="!asked" ref="opener" class="btn quiet" type="button" @click="ask">
      Delete for good …
    </button>
    <form v-else class="asked" @submit.prevent="erase" @keydown.esc.prevent="leave">
      <h2>Delete folio {{ folio }} for good?</h2>
      <ErrorNote v-if="error" :error="error" @retry="refetch()" />
      <template v-else>
        <p class="small">Nothing brings it back but a backup made before. With it go:</p>
        <ul class="small">
          <li v-for="what in goes" :key="String(what)">{{ what }}</li>
        </ul>
        <p class="small">
          What stays: that the meeting was held, when and with whom, and the folio number with your
          reason. Letters that were delivered and backups made before still hold what they hold.
        </p>
      </template>
      <label>
        <span class="label">Reason</span>
        <input ref="field" v-model="reason" class="field" required maxlength="500" />
      </label>
      <p v-if="refused" class="red" role="alert">{{ refused }}</p>
      <div class="acts">
        <button class="btn" type="button" @click="leave">Keep it</button>
        <button class="btn red" :disabled="busy || !reason.trim()">Delete for good</button>
      </div>
    </form>
  </section>
</template>

<style scoped>
.deletion {
  margin-top: 26px;
}

.asked {
  padding: 18px 20px;
  border: 1px solid var(--red);
  border-radius: 6px;
}

h2 {
  margin-bottom: 8px;
  font-size: 17px;
}

ul {
  margin: 6px 0 10px 18px;
}

label {
  display: block;
  margin-top: 14px;
}

.acts {
  display: flex;
  gap: 8px;
  justify-content: flex-end;
  margin-top: 14px;
}
</style>
