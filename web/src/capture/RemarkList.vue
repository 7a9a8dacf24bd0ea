<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate, useMembers, useRemarks } from '../api/queries'
import CitedText from '../citations/CitedText.vue'
import { arrival } from '../shared/dates'
import { useDeed } from '../shared/useDeed'

/** What members remarked on one line, and a field to remark something. */
const props = defineProps<{ meetingId: string; line: string; writing: boolean }>()
const emit = defineEmits<{ done: [] }>()

const { data: members } = useMembers()
const { data } = useRemarks(props.meetingId)
const remarks = computed(() => data.value?.filter((r) => r.line === props.line) ?? [])

const text = ref('')
const forMember = ref('')
const { refused, run } = useDeed()
const field = ref<HTMLInputElement>()

watch(
  () => props.writing,
  async (writing) => {
    await nextTick()
    if (writing) field.value?.focus()
  },
  { immediate: true },
)

async function make() {
  await run(async () => {
    await answer(
      api.POST('/api/meetings/{id}/remarks', {
        params: { path: { id: props.meetingId } },
        body: { line: props.line, text: text.value, forMember: forMember.value || null },
      }),
    )
    text.value = ''
    emit('done')
  })
  await outdate(keys.remarks)
}
</script>

<template>
  <li v-if="remarks.length || writing" class="remarks">
    <ul v-if="remarks.length">
      <li v-for="r in remarks" :key="r.id">
        <b>{{ r.by }}</b>
        <template v-if="r.forMember"> to {{ r.forMember }}</template
        >: <CitedText :of="r.id" :text="r.text" />
        <span class="small">{{ arrival(r.madeAt) }}{{ r.seen ? ', seen' : '' }}</span>
      </li>
    </ul>
    <form v-if="writing" @submit.prevent="make" @keydown.esc="emit('done')">
      <input
        ref="field"
        v-model="text"
        class="field"
        required
        maxlength="2000"
        aria-label="Remark"
        placeholder="Remark"
      />
      <select v-model="forMember" class="field" aria-label="Whose attention it is to call">
        <option value="">for everybody</option>
        <option v-for="m in members" :key="m.id" :value="m.id">for {{ m.name }}</option>
      </select>
      <button class="btn go" type="submit">Remark</button>
    </form>
    <p v-if="refused" class="red small" role="alert">{{ refused }}</p>
  </li>
</template>

<style scoped>
.remarks {
  margin: 2px 0 8px 116px;
  padding: 4px 0 4px 12px;
  border-left: 2px solid var(--rule-strong);
  font: 13.5px/1.5 var(--sans);
}

.small {
  margin-left: 6px;
}

form {
  display: grid;
  grid-template-columns: 1fr 170px auto;
  gap: 8px;
  margin-top: 4px;
}

@media (max-width: 720px) {
  .remarks {
    margin-left: 20px;
  }

  form {
    grid-template-columns: 1fr;
  }
}
</style>
