<script setup lang="ts">
import { ROLES, type Group, type StaffMember } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { useDraft } from '~/composables/useDraft'

export interface StaffWords {
  readonly name: string
  readonly email: string
  readonly role: 'headCoach' | 'coach' | 'assistant'
  readonly groupIds: readonly string[]
  readonly closed: boolean
}

/** Who is on the staff, what they may do and whom they see. */
const props = defineProps<
  {
    member: StaffMember | null
    groups: readonly Group[]
    busy: boolean
    fields: Readonly<Record<string, string>>
    problem: string
  }
>()
const emit = defineEmits<{ save: [words: StaffWords] }>()

const name = ref(props.member?.name ?? '')
const email = ref(props.member?.email ?? '')
const role = ref<StaffWords['role']>((props.member?.role ?? 'coach') as StaffWords['role'])
const groupIds = ref<readonly string[]>(props.member?.groupIds ?? [])
const closed = ref(props.member?.state === 'closed')
const draft = useDraft(`draft/staff/${props.member?.id ?? 'new'}`, reactive({ name, email, role, groupIds, closed }))

const CHOICES = (['headCoach', 'coach', 'assistant'] as const).map(key => [key, ROLES[key]] as const)
const SIGHT = {
  headCoach: 'Sees and plans for everybody, invites staff, reads the record.',
  coach: 'Sees and plans for the athletes of these groups.',
  assistant: 'Reads and logs for these groups; sees what health flags take away, not what they are called.',
} as const
const names = computed(() => Object.fromEntries(props.groups.map(group => [group.id, group.name])))

function toggle(id: string): void {
  groupIds.value = groupIds.value.includes(id) ? groupIds.value.filter(g => g !== id) : [...groupIds.value, id]
}
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="busy || emit('save', { name: name.trim(), email: email.trim(), role, groupIds, closed })"
  >
    <DraftNote
      :shown="draft.restored.value"
      @start-over="draft.startOver"
    />
    <template v-if="!member">
      <TextField
        v-model="name"
        label="Name"
        name="staff-name"
        :problem="fields.name"
      />
      <TextField
        v-model="email"
        label="E-mail"
        name="staff-email"
        type="email"
        :problem="fields.email"
      />
    </template>
    <SelectField
      v-model="role"
      label="Role"
      name="staff-role"
      :options="CHOICES"
      :hint="SIGHT[role]"
    />
    <p
      v-if="fields.role"
      class="problem"
      role="alert"
    >
      {{ fields.role }}
    </p>
    <ChipChoice
      v-if="role !== 'headCoach'"
      legend="Groups in sight"
      :options="names"
      :pressed="groupIds"
      @choose="toggle"
    />
    <label
      v-if="member"
      class="flex gap-2 items-center"
    >
      <input
        v-model="closed"
        type="checkbox"
      >
      Account closed: no more signing in
    </label>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
    <button
      type="submit"
      class="btn btn-main self-start"
      :disabled="busy"
    >
      {{ member ? 'Store' : 'Send invitation' }}
    </button>
    <p
      v-if="member"
      class="text-quiet"
    >
      Storing signs this person out everywhere, so that no older right stays open.
    </p>
  </form>
</template>
