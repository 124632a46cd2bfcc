<script setup lang="ts">
import { SCHOOLS, type SchoolId } from '~~/core/catalogue'
import { LINE_IDS, POLICY_LINES, SCHOOL_IDS, schoolPolicy, type LineId, type Policy } from '~~/core/policy'

/** The schools side by side: what each settles for every line, and why practitioners differ on it. */
const props = defineProps<{ school: SchoolId | null }>()
const emit = defineEmits<{ choose: [school: SchoolId | null] }>()

const columns = [null, ...SCHOOL_IDS] as const
const policies = new Map(columns.map(school => [school, schoolPolicy(school)]))
const usual = schoolPolicy(null)
const text = (line: LineId, policy: Policy): string =>
  (POLICY_LINES[line].choices as Readonly<Record<string, string>>)[policy[line]]!
const open = ref<LineId | null>(null)
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full border-collapse text-[0.9em] min-w-[64rem]">
      <caption class="sr-only">
        What each school settles
      </caption>
      <thead>
        <tr>
          <td class="w-40" />
          <th
            v-for="column in columns"
            :key="String(column)"
            scope="col"
            class="text-left align-bottom p-1.5 border-b-2"
            :class="props.school === column ? 'border-signal' : 'border-line'"
          >
            <span class="block font-[family-name:var(--font-head)] font-bold text-[1.1em] leading-tight">{{ column
              ? SCHOOLS[column].name : 'The usual' }}</span>
            <span class="block font-normal text-quiet leading-snug my-1">{{ column ? SCHOOLS[column].says
              : 'What holds where nothing is settled.' }}</span>
            <button
              type="button"
              class="underline underline-offset-2 font-normal"
              :aria-label="
                [
                  props.school === column ? 'looked at' : 'Look at it', column ? SCHOOLS[column].name : 'The usual',
                ].join(': ')"
              :aria-pressed="props.school === column"
              @click="emit('choose', column)"
            >
              {{ props.school === column ? 'looked at' : 'Look at it' }}
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <template
          v-for="line in LINE_IDS"
          :key="line"
        >
          <tr class="border-b border-line/60 align-top">
            <th
              scope="row"
              class="text-left p-1.5 font-semibold"
            >
              <button
                type="button"
                class="text-left underline decoration-dotted underline-offset-2"
                :aria-expanded="open === line"
                @click="open = open === line ? null : line"
              >
                {{ POLICY_LINES[line].title }}
              </button>
            </th>
            <td
              v-for="column in columns"
              :key="String(column)"
              class="p-1.5"
              :class="[policies.get(column)![line] === usual[line] ? 'text-quiet'
                : 'font-semibold', props.school === column ? 'bg-paper' : '']"
            >
              {{ text(line, policies.get(column)!) }}
            </td>
          </tr>
          <tr
            v-if="open === line"
            class="border-b border-line/60"
          >
            <td />
            <td
              :colspan="columns.length"
              class="p-1.5 bg-paper"
            >
              <b>Why they differ:</b> {{ POLICY_LINES[line].dispute }} <span class="text-quiet">Changes
                {{ POLICY_LINES[line].changes }}. Common practice, no source.</span>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
</template>
