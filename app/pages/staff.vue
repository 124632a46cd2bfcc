<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { AppError, messageOf } from '~~/shared/errors'
import type { StaffMember } from '~~/shared/types'
import EraseForm from '~/components/common/EraseForm.vue'
import ModalDialog from '~/components/common/ModalDialog.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import StaffForm, { type StaffWords } from '~/components/staff/StaffForm.vue'
import StaffTable from '~/components/staff/StaffTable.vue'
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

const erase = (typed: string) => attempt(async () => {
  await store.erase(dialog.value!.id, typed)
  said.value = 'Erased.'
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
      <StaffTable
        :members="store.members"
        :groups="store.groups"
        :busy="busy"
        @again="again"
        @open="open"
      />
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
      <EraseForm
        v-if="dialog?.member?.state === 'closed'"
        :name="dialog.member.name"
        :busy="busy"
        :problem="fields.name"
        @erase="erase"
      >
        Name, address and sign-in of {{ dialog.member.name }} are removed for good, and what the record says of them.
        Weeks that they planned stay. Backups made before still hold it.
      </EraseForm>
    </ModalDialog>
  </div>
</template>
