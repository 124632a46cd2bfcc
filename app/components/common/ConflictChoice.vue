<script setup lang="ts">
import type { Choices } from '~~/core/merge'
import type { ClashRow } from '~/composables/useVersionedEdit'
import ModalDialog from './ModalDialog.vue'

/** Two people changed the same thing: both versions side by side, and a choice for each field. */
const props = defineProps<{ who: string, subject: string, rows: readonly ClashRow[], others: readonly string[] }>()
const emit = defineEmits<{ choose: [choices: Choices] }>()
const choices = ref<Record<string, 'mine' | 'theirs'>>({})

const valueOf = (row: ClashRow): 'mine' | 'theirs' => choices.value[row.key] ?? 'mine'
function all(side: 'mine' | 'theirs'): void {
  choices.value = Object.fromEntries(props.rows.map(row => [row.key, side]))
}
</script>

<template>
  <ModalDialog
    open
    wide
    :title="`${who} changed ${subject} too`"
    must-answer
  >
    <p class="mb-2">
      Nothing is lost: choose for each field. The version not chosen stays in the record, and undo brings yours back.
    </p>
    <table class="w-full text-left border-collapse">
      <thead>
        <tr class="border-b-2 border-ink">
          <th class="py-1 pr-2">
            Field
          </th>
          <th class="py-1 pr-2">
            <button
              type="button"
              class="underline underline-offset-2"
              @click="all('mine')"
            >
              Mine
            </button>
          </th>
          <th class="py-1">
            <button
              type="button"
              class="underline underline-offset-2"
              @click="all('theirs')"
            >
              {{ who }}
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.key"
          class="border-b border-line align-top"
        >
          <th class="py-1.5 pr-2 font-semibold">
            {{ row.what }}
          </th>
          <td
            v-for="side in (['mine', 'theirs'] as const)"
            :key="side"
            class="py-1.5 pr-2"
          >
            <label
              class="flex gap-2 items-start"
              :class="valueOf(row) === side ? 'font-semibold' : 'text-quiet'"
            >
              <input
                type="radio"
                class="mt-1 size-4 accent-ink"
                :name="row.key"
                :aria-label="`${row.what}: ${side === 'mine' ? 'mine' : who}, ${row[side]}`"
                :checked="valueOf(row) === side"
                @change="choices = { ...choices, [row.key]: side }"
              >
              <span class="break-words min-w-0">{{ row[side] }}</span>
            </label>
          </td>
        </tr>
      </tbody>
    </table>
    <p
      v-if="others.length > 0"
      class="mt-2 text-quiet"
    >
      Taken in without a question: {{ others.join('; ') }}.
    </p>
    <p class="mt-3 flex justify-end">
      <button
        type="button"
        class="btn btn-main"
        @click="emit('choose', choices)"
      >
        Store this choice
      </button>
    </p>
  </ModalDialog>
</template>
