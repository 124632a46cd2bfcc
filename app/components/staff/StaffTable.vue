<script setup lang="ts">
import { ROLES, type Group, type StaffMember } from '~~/shared/types'

/** Who works here, in what role, and whom they see. */
const props = defineProps<{ members: readonly StaffMember[], groups: readonly Group[], busy: boolean }>()
const emit = defineEmits<{ again: [member: StaffMember], open: [member: StaffMember] }>()

const STATE = { invited: 'invited, link not used yet', active: '', closed: 'closed' } as const
const groupText = (member: StaffMember): string => member.role === 'headCoach'
  ? 'everybody'
  : props.groups.filter(group => member.groupIds.includes(group.id)).map(group => group.name).join(', ') || 'nobody yet'
</script>

<template>
  <div class="overflow-x-auto">
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
          v-for="member in members"
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
              @click="emit('again', member)"
            >
              Send the link again
            </button>
            <button
              type="button"
              class="btn"
              @click="emit('open', member)"
            >
              Change<span class="sr-only"> {{ member.name }}</span>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
