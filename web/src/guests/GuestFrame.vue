<script setup lang="ts">
import LampMark from '../frame/LampMark.vue'
import { useSession } from '../signin/session'
import { useSignOut } from '../signin/useSignOut'

/** Around whatever a guest sees: who they are, and the way out. */
const session = useSession()
const signOut = useSignOut()
</script>

<template>
  <div class="guest">
    <header class="no-print">
      <RouterLink to="/let-in" class="mark"><LampMark /> Ledger Lamp</RouterLink>
      <span class="small">
        {{ session.member.value?.name }}, guest of {{ session.member.value?.team }}
      </span>
      <button class="btn quiet" type="button" @click="signOut">Sign out</button>
    </header>
    <main class="sheet"><slot /></main>
  </div>
</template>

<style scoped>
.guest {
  max-width: 860px;
  margin: 0 auto;
  padding: 18px 16px 60px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin-bottom: 12px;
}

.mark {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-right: auto;
  font: 600 16px/1 var(--serif);
  color: inherit;
  text-decoration: none;
}

.mark :deep(svg) {
  width: 24px;
  height: 24px;
}

main {
  padding: 34px 40px 46px;
  min-height: 420px;
}

@media (max-width: 480px) {
  main {
    padding: 20px 16px;
  }
}
</style>
