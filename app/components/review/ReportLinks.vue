<script setup lang="ts">
import { useAttempt } from '~/composables/useAttempt'
import { dayMonth } from '~/words/inWords'
import type { ReportLink } from '~~/shared/types'

/** Links by which a report is read without signing in, until they expire or are taken back. */
const props = defineProps<{
  links: readonly ReportLink[]
  /** Makes one that holds so many days; its address. */
  make: (kind: ReportLink['kind'], days: number) => Promise<string>
  revoke: (id: string) => Promise<unknown>
}>()
const url = ref('')
const days = ref('14')
const { busy, problem, attempt } = useAttempt()

const makeOne = (kind: ReportLink['kind']): Promise<unknown> => attempt(async () => {
  const count = Math.round(Number(days.value))
  if (!(count >= 1 && count <= 90)) throw new Error('A link holds for 1 to 90 days.')
  url.value = await props.make(kind, count)
})
const isOver = ({ expiresAt }: ReportLink): boolean => Date.parse(expiresAt) < Date.now()
</script>

<template>
  <section
    class="panel no-print"
    aria-label="Report by link"
  >
    <h2>Report by link</h2>
    <p class="flex flex-wrap gap-2 items-center my-1">
      <label class="flex gap-2 items-center">Holds for
        <input
          v-model="days"
          class="field figure w-14"
          inputmode="numeric"
        > days</label>
      <button
        type="button"
        class="btn"
        :disabled="busy"
        @click="makeOne('athlete')"
      >
        Link in plain words
      </button>
      <button
        type="button"
        class="btn"
        :disabled="busy"
        @click="makeOne('staff')"
      >
        Link with numbers
      </button>
    </p>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
    <p
      v-if="url"
      class="caution my-2"
    >
      Anybody who has this address reads the report. It is shown this once:
      <input
        class="field mt-1"
        readonly
        :value="url"
        aria-label="Address of the report"
        @focus="($event.target as HTMLInputElement).select()"
      >
    </p>
    <ul>
      <li
        v-for="link in links"
        :key="link.id"
        class="flex gap-3 border-t border-line py-1"
      >
        <span>{{ link.kind === 'athlete' ? 'In plain words' : 'With numbers' }}, {{ dayMonth(link.from) }} –
          {{ dayMonth(link.to) }}</span>
        <span class="text-quiet mr-auto">{{ link.revoked ? 'taken back' : isOver(link) ? 'expired'
          : `until ${dayMonth(link.expiresAt.slice(0, 10))}` }}{{ link.readAt ? ', was read' : '' }}</span>
        <button
          v-if="!link.revoked && !isOver(link)"
          type="button"
          class="underline"
          :disabled="busy"
          @click="attempt(() => revoke(link.id))"
        >
          Take back
        </button>
      </li>
    </ul>
  </section>
</template>
