<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import type { TemplateFacts } from '../api/types'
import { shortDay } from '../shared/dates'
import SetPage from '../shared/SetPage.vue'
import { settled } from '../shared/settled'

/** What a template makes of a meeting that was held, as it is being edited. */
const props = defineProps<{ facts: TemplateFacts }>()

const PAUSE_MS = 400
const chosen = ref('')
const tried = settled(() => props.facts, PAUSE_MS)

const { data: meetings } = useQuery({
  queryKey: ['templateMeetings'],
  queryFn: () => answer(api.GET('/api/templates/meetings')),
})
const meetingId = computed(() => chosen.value || (meetings.value?.[0]?.meetingId ?? ''))

const { data, error, isFetching } = useQuery({
  queryKey: ['templatePreview', meetingId, tried],
  queryFn: () =>
    answer(
      api.POST('/api/templates/preview', {
        body: { meetingId: meetingId.value, template: tried.value },
      }),
    ),
  enabled: computed(() => meetingId.value !== ''),
  placeholderData: (before) => before,
  retry: false,
})
</script>

<template>
  <section aria-label="Preview" class="preview">
    <p v-if="meetings && !meetings.length" class="small">
      Once minutes were drafted of a meeting, the template is shown on it here.
    </p>
    <template v-else>
      <label class="small">
        Tried on
        <select
          class="btn"
          :value="meetingId"
          @change="chosen = ($event.target as HTMLSelectElement).value"
        >
          <option v-for="m in meetings" :key="m.meetingId" :value="m.meetingId">
            {{ m.title }}, {{ shortDay(m.date) }}
          </option>
        </select>
        <span role="status">{{ isFetching ? 'drafting …' : '' }}</span>
      </label>
      <p v-if="error" class="red small" role="alert">{{ messageOf(error) }}</p>
      <div class="page sheet" :class="{ stale: isFetching }">
        <SetPage v-if="data" :blocks="data" />
      </div>
    </template>
  </section>
</template>

<style scoped>
.preview {
  padding: 22px 26px 40px;
  background: var(--paper-2);
  min-width: 0;
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-bottom: 12px;
}

label select {
  min-width: 0;
  max-width: 260px;
}

.page {
  padding: 24px 28px 32px;
}

.stale {
  opacity: 0.7;
}
</style>
