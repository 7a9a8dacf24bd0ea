<script setup lang="ts">
import type { Person } from '../api/types'
import { longDay } from '../shared/dates'
import { KIND_NAMES } from '../shared/words'
import { differences } from './differences'
import type { Clash } from './lineSaver'

const props = defineProps<{ clash: Clash; people: Person[] }>()
const emit = defineEmits<{ mine: []; theirs: [] }>()

const differing = differences(props.clash, {
  person: (id) => props.people.find((p) => p.id === id)?.name ?? 'nobody',
  day: longDay,
  kind: (kind) => KIND_NAMES[kind],
})
</script>

<template>
  <div class="clash" role="alert">
    <p class="red">
      <b>Changed by somebody else meanwhile.</b> Theirs is saved; yours is kept here until you
      choose.
    </p>
    <dl>
      <template v-for="d in differing" :key="d.what">
        <dt>Your {{ d.what }}</dt>
        <dd>{{ d.mine }}</dd>
        <dt>Their {{ d.what }}</dt>
        <dd>{{ d.theirs }}</dd>
      </template>
    </dl>
    <div class="buttons">
      <button class="btn" type="button" @click="emit('mine')">Use mine</button>
      <button class="btn" type="button" @click="emit('theirs')">Keep theirs</button>
    </div>
  </div>
</template>

<style scoped>
.clash {
  margin: 4px 0 8px 38px;
  padding: 10px 14px;
  border-left: 2px solid var(--red);
  background: var(--red-soft);
  font-size: 13px;
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 3px 12px;
  margin: 8px 0 10px;
}

dt {
  color: var(--ink-2);
}

dd {
  font: 14.5px/1.4 var(--serif);
}

.buttons {
  display: flex;
  gap: 8px;
}
</style>
