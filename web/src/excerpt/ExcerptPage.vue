<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { messageOf, Problem } from '../api/problem'
import type { ShownExcerpt } from '../api/types'
import { longDay } from '../shared/dates'
import LampMark from '../frame/LampMark.vue'
import SetPage from '../shared/SetPage.vue'

/** A part of a folio, for somebody without account. */
const token = String(useRoute().params.token)

const shown = ref<ShownExcerpt | null>(null)
const passphrase = ref('')
const gone = ref(false)
const refused = ref('')
const busy = ref(false)

async function open() {
  busy.value = true
  refused.value = ''
  try {
    shown.value = await answer(
      api.POST('/api/shown/{token}', {
        params: { path: { token } },
        body: { passphrase: passphrase.value || null },
      }),
    )
  } catch (thrown) {
    if (thrown instanceof Problem && thrown.status === 404) gone.value = true
    else refused.value = messageOf(thrown)
  } finally {
    busy.value = false
  }
}

onMounted(open)
</script>

<template>
  <main class="shown">
    <p class="mark"><LampMark /> Ledger Lamp</p>
    <article class="sheet">
      <template v-if="gone">
        <h1>Nothing is shown here any more</h1>
        <p>
          The excerpt was withdrawn, or its time ran out. Whoever sent you the address can make
          another one.
        </p>
      </template>
      <form v-else-if="shown?.locked" @submit.prevent="open">
        <h1>An excerpt of minutes</h1>
        <p>It opens with a passphrase, which whoever sent you the address has.</p>
        <label>
          <span class="label">Passphrase</span>
          <input
            v-model="passphrase"
            class="field"
            type="password"
            autocomplete="off"
            maxlength="200"
          />
        </label>
        <p v-if="shown.wrong" class="red" role="alert">That is not the passphrase.</p>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go" :disabled="busy || !passphrase.trim()">Open</button>
      </form>
      <template v-else-if="shown">
        <SetPage :blocks="shown.page" />
        <footer class="small">
          An excerpt of minutes, shown until {{ longDay(shown.until.slice(0, 10)) }}.
        </footer>
      </template>
      <p v-else-if="refused" class="red" role="alert">
        {{ refused }} <button class="btn" type="button" @click="open">Try again</button>
      </p>
    </article>
  </main>
</template>

<style scoped>
.shown {
  max-width: 760px;
  margin: 0 auto;
  padding: 26px 16px 60px;
}

.mark {
  display: flex;
  align-items: center;
  gap: 8px;
  font: 600 15px/1 var(--serif);
  margin-bottom: 14px;
}

.mark :deep(svg) {
  width: 22px;
  height: 22px;
}

article {
  padding: 34px 40px 40px;
}

h1 {
  font-size: 24px;
  margin-bottom: 8px;
}

form {
  display: grid;
  gap: 14px;
  justify-items: start;
}

form label {
  width: min(100%, 320px);
}

footer {
  margin-top: 34px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}

@media (max-width: 480px) {
  article {
    padding: 22px 16px;
  }
}

@media print {
  .mark {
    display: none;
  }
}
</style>
