<script setup lang="ts">
import { reactive, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate, useMembers } from '../api/queries'
import type { Member } from '../api/types'
import ErrorNote from '../shared/ErrorNote.vue'
import { useNotices } from '../shared/notices'
import PageHead from '../shared/PageHead.vue'
import ToldOnce from '../shared/ToldOnce.vue'
import { useDeed } from '../shared/useDeed'
import { useSession } from '../signin/session'
import RemoveMember from './RemoveMember.vue'
import { called, ROLES } from './roles'

/** Who belongs to the team and may do what. */
const { say, attempt } = useNotices()
const session = useSession()
const { data, error, refetch } = useMembers()

const form = reactive({ name: '', email: '', role: 'TAKES_PART' as Member['role'], byMail: true })
const { busy, refused, run } = useDeed()
/** A link that was just made: it is told this once. */
const fresh = ref<{ member: Member; link: string } | null>(null)
const removing = ref<Member | null>(null)

async function invite(body: typeof form) {
  await run(async () => {
    const invited = await answer(api.POST('/api/members', { body: { ...body } }))
    fresh.value = invited.link ? { member: invited.member, link: invited.link } : null
    if (!invited.link) {
      say(`An invitation to ${invited.member.name} is on its way.`, {
        to: { path: '/post', label: 'Post room' },
      })
    }
    form.name = form.email = ''
  })
  await outdate(keys.members, keys.post)
}

/** For somebody who did not come in yet an invitation anew, for others a link for a new password. */
async function makeLink(member: Member) {
  const { name, email, role } = member
  if (!member.joined) return invite({ name, email, role, byMail: false })
  const path = { id: member.id }
  await attempt(
    answer(api.POST('/api/members/{id}/link', { params: { path } })).then((made) => {
      fresh.value = { member, link: made.link! }
    }),
  )
}

/** For somebody who lost their authenticator and their recovery codes. */
async function turnFactorOff(member: Member) {
  const path = { id: member.id }
  const done = await attempt(answer(api.DELETE('/api/members/{id}/factor', { params: { path } })))
  if (done) say(`${member.name} signs in with the password alone from now on.`)
  await outdate(keys.members)
}

async function changeRole(member: Member, role: string) {
  const path = { id: member.id }
  const body = { role: role as Member['role'] }
  await attempt(answer(api.PUT('/api/members/{id}', { params: { path }, body })))
  await outdate(keys.members)
}
</script>

<template>
  <div class="column-page broad">
    <PageHead title="Members">
      Members see everything of the team except each other’s private margins. Others can be given
      <RouterLink to="/access">access</RouterLink> to single folios or series.
    </PageHead>
    <ErrorNote v-if="error" :error="error" @retry="refetch()" />
    <div v-else-if="data" :class="{ 'list-and-form': session.administers.value }">
      <section aria-label="Members of the team">
        <h2 class="section-head">
          Members <span>{{ data.length }}</span>
        </h2>
        <ul class="entries">
          <li v-for="member in data" :key="member.id">
            <div>
              <p class="name">
                {{ member.name }}
                <span v-if="member.id === session.member.value?.id" class="small">· you</span>
              </p>
              <p class="small">
                {{ member.email }}
                <template v-if="!member.joined"> · invited, has not signed in yet</template>
                <template v-if="member.secondFactor"> · second factor</template>
              </p>
            </div>
            <div v-if="session.administers.value" class="acts">
              <select
                class="btn"
                :aria-label="`Role of ${member.name}`"
                :value="member.role"
                @change="changeRole(member, ($event.target as HTMLSelectElement).value)"
              >
                <option v-for="role in ROLES" :key="role.name" :value="role.name">
                  {{ role.called }}
                </option>
              </select>
              <button
                class="btn quiet"
                type="button"
                :aria-label="`Link for ${member.name}`"
                @click="makeLink(member)"
              >
                Make a link
              </button>
              <button
                v-if="member.secondFactor"
                class="btn quiet"
                type="button"
                :aria-label="`Turn off the second factor of ${member.name}`"
                @click="turnFactorOff(member)"
              >
                Second factor off
              </button>
              <button
                class="btn quiet"
                type="button"
                :aria-label="`Remove ${member.name}`"
                @click="removing = member"
              >
                Remove
              </button>
            </div>
            <p v-else class="small">{{ called(member.role) }}</p>
            <div v-if="fresh?.member.id === member.id || removing?.id === member.id" class="below">
              <ToldOnce v-if="fresh?.member.id === member.id" :words="fresh.link">
                Hand this link to {{ member.name }}: whoever has it chooses the password. It is
                shown this once.
              </ToldOnce>
              <RemoveMember
                v-if="removing?.id === member.id"
                :member="member"
                @over="removing = null"
              />
            </div>
          </li>
        </ul>
      </section>
      <form
        v-if="session.administers.value"
        class="sheet"
        aria-label="Invite somebody"
        @submit.prevent="invite(form)"
      >
        <h2>Invite somebody</h2>
        <label>
          <span class="label">Name</span>
          <input v-model="form.name" class="field" required maxlength="120" />
        </label>
        <label>
          <span class="label">Email address</span>
          <input v-model="form.email" class="field" type="email" required maxlength="254" />
        </label>
        <fieldset>
          <legend class="label">Role</legend>
          <label v-for="role in ROLES" :key="role.name" class="check">
            <input v-model="form.role" type="radio" name="role" :value="role.name" />
            <span
              ><b>{{ role.called }}</b
              >: {{ role.may }}</span
            >
          </label>
        </fieldset>
        <label class="check">
          <input v-model="form.byMail" type="checkbox" />
          <span>Send the invitation by email (otherwise you get a link to hand over)</span>
        </label>
        <p v-if="refused" class="red" role="alert">{{ refused }}</p>
        <button class="btn go" :disabled="busy">Invite</button>
      </form>
    </div>
  </div>
</template>

<style scoped>
.entries li {
  flex-wrap: wrap;
}

.acts {
  display: flex;
  flex: none;
  gap: 8px;
}

.below {
  flex: 1 0 100%;
}

.acts select {
  min-height: 28px;
  font-weight: 500;
}
</style>
