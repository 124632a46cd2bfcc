<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { AppError, messageOf } from '~~/shared/errors'
import { ROLES, type StaffMember } from '~~/shared/types'
import ModalDialog from '~/components/common/ModalDialog.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import StaffForm, { type StaffWords } from '~/components/staff/StaffForm.vue'
import { forget } from '~/device/kept'
import { useStaffStore } from '~/stores/staff'

definePageMeta({ only: 'govern' })
useHead({ title: 'Staff · Keen Anchor' })

const store = useStaffStore()
const dialog = ref<{ member: StaffMember | null, id: string } | null>(null)
const fields = ref<Readonly<Record<string, string>>>({})
const problem = ref('')
const said = ref('')
const busy = ref(false)
onMounted(store.load)

const STATE = { invited: 'invited, link not used yet', active: '', closed: 'closed' } as const
const groupText = (member: StaffMember): string => member.role === 'headCoach'
  ? 'everybody'
  : store.groups.filter(group => member.groupIds.includes(group.id)).map(group => group.name).join(', ') || 'nobody yet'

function open(member: StaffMember | null): void {
  dialog.value = { member, id: member?.id ?? newKey() }
  fields.value = {}
  problem.value = ''
  said.value = ''
}

async function attempt(work: () => Promise<void>): Promise<void> {
  busy.value = true
  fields.value = {}
  problem.value = ''
  try {
    await work()
    dialog.value = null
  }
  catch (error) {
    fields.value = error instanceof AppError ? error.fields ?? {} : {}
    if (Object.keys(fields.value).length === 0) problem.value = messageOf(error)
  }
  finally {
    busy.value = false
  }
}

const save = ({ name, email, role, groupIds, closed }: StaffWords) => attempt(async () => {
  const { member, id } = dialog.value!
  if (member) await store.change(id, { version: member.version, role, groupIds, closed })
  else await store.invite({ id, name, email, role, groupIds })
  forget(`draft/staff/${member?.id ?? 'new'}`)
  said.value = member ? 'Stored.' : `A link is on its way to ${email}.`
})

/** Sends a new link to somebody who has not used the first one. */
const again = ({ id, name, email, role, groupIds }: StaffMember) => attempt(async () => {
  await store.invite({ id, name, email, role: role as StaffWords['role'], groupIds })
  said.value = `A new link is on its way to ${email}.`
})
</script>

<template>
  <div>
    <header class="flex flex-wrap items-end gap-3 mb-3">
      <h1 class="mr-auto">
        Staff
      </h1>
      <span role="status">{{ said }}</span>
      <button
        type="button"
        class="btn btn-main"
        @click="open(null)"
      >
        Invite
      </button>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <div
        class="overflow-x-auto"
      >
        <table class="w-full text-left border-collapse">
          <thead>
            <tr class="border-b-2 border-ink">
              <th class="p-1.5">
                Name
              </th>
              <th class="p-1.5">
                Role
              </th>
              <th class="p-1.5">
                In sight
              </th>
              <th class="p-1.5">
                <span class="sr-only">Actions</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="member in store.members"
              :key="member.id"
              class="border-b border-line hover:bg-paper"
            >
              <td class="p-1.5">
                <b :class="member.state === 'closed' ? 'text-quiet' : ''">{{ member.name }}</b>
                <span class="block text-quiet text-[0.9em]">{{ member.email }}<template v-if="STATE[member.state]"> ·
                  {{ STATE[member.state] }}</template></span>
              </td>
              <td class="p-1.5">
                {{ ROLES[member.role] }}
              </td>
              <td class="p-1.5">
                {{ groupText(member) }}
              </td>
              <td class="p-1.5 text-right whitespace-nowrap">
                <button
                  v-if="member.state === 'invited'"
                  type="button"
                  class="btn mr-1"
                  :disabled="busy"
                  @click="again(member)"
                >
                  Send the link again
                </button>
                <button
                  type="button"
                  class="btn"
                  @click="open(member)"
                >
                  Change<span class="sr-only"> {{ member.name }}</span>
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </RoomPage>
    <ModalDialog
      :open="dialog !== null"
      :title="dialog?.member ? dialog.member.name : 'Invite to the staff'"
      @close="dialog = null"
    >
      <StaffForm
        v-if="dialog"
        :member="dialog.member"
        :groups="store.groups"
        :busy="busy"
        :fields="fields"
        :problem="problem"
        @save="save"
      />
    </ModalDialog>
  </div>
</template>
