<script setup lang="ts">
import { ENTRY_KINDS, type EntryKind } from '~~/core/season'
import TextField from '~/components/common/TextField.vue'
import { ENTRY_NAME } from '~/words/seasonWords'
import { dayMonth, shortDay } from '~/words/inWords'
import type { CalendarFound, FoundEntry } from '~~/shared/types'

/** Brings a calendar in from a file, pasted text or an address: what is new, changed or gone is seen first. */
const props = defineProps<
  { found: CalendarFound | null, busy: boolean, problem: string, fields: Readonly<Record<string, string>> }
>()
const emit = defineEmits<
  { read: [source: { kind: EntryKind, text: string | null, url: string | null }], take: [found: readonly FoundEntry[]] }
>()
const kind = ref<EntryKind>('competition')
const text = ref('')
const url = ref('')
const left = ref<ReadonlySet<number>>(new Set())
watch(() => props.found, () => { left.value = new Set() })

async function pick(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) {
    text.value = await file.text()
    read()
  }
}
function read(): void {
  emit('read', { kind: kind.value, text: url.value ? null : text.value, url: url.value || null })
}
const STATE: Readonly<Record<FoundEntry['state'], string>> = {
  new: 'new', changed: 'changed', same: 'the same', gone: 'no longer there',
}
const stateText = ({ state }: FoundEntry): string => STATE[state]
const shown = computed(() =>
  props.found?.found.map((one, i) => ({ ...one, i })).filter(one => one.state !== 'same') ?? []
)
const same = computed(() => (props.found?.found.length ?? 0) - shown.value.length)
const chosen = computed(() => shown.value.filter(one => !left.value.has(one.i)))
function toggle(i: number): void {
  const next = new Set(left.value)
  if (!next.delete(i)) next.add(i)
  left.value = next
}
function what({ entry, before }: FoundEntry): string {
  const when = `${shortDay(entry.day)} ${dayMonth(entry.day).split(' ')[1]}${
    entry.startsAt ? `, ${entry.startsAt}` : ''
  }`
  if (!before) return when
  const was = `${shortDay(before.day)} ${dayMonth(before.day).split(' ')[1]}${
    before.startsAt ? `, ${before.startsAt}` : ''
  }`
  return was === when ? when : `${was} → ${when}`
}
</script>

<template>
  <div class="flex flex-col gap-3">
    <form
      class="flex flex-col gap-3"
      novalidate
      @submit.prevent="read"
    >
      <div>
        <p class="mb-1">
          What the calendar holds
        </p>
        <div class="flex flex-wrap gap-1.5">
          <button
            v-for="one in ENTRY_KINDS"
            :key="one"
            type="button"
            class="chip"
            :aria-pressed="kind === one"
            @click="kind = one"
          >
            {{ ENTRY_NAME[one] }}
          </button>
        </div>
      </div>
      <label class="block">
        <span class="font-semibold">A file (.ics or .csv)</span>
        <input
          type="file"
          accept=".ics,.csv,text/calendar,text/csv"
          class="field mt-1 py-1"
          @change="pick"
        >
      </label>
      <TextField
        v-model="url"
        label="or an address"
        name="calendar-url"
        placeholder="https://…"
        :problem="fields.url"
      />
      <TextField
        v-model="text"
        label="or the text itself"
        name="calendar-text"
        area
        :problem="fields.text"
      />
      <p
        v-if="problem && !fields.url && !fields.text"
        class="problem"
        role="alert"
      >
        {{ problem }}
      </p>
      <button
        type="submit"
        class="btn self-start"
        :disabled="busy || (!text && !url)"
      >
        {{ busy ? 'Reading …' : 'Look at it' }}
      </button>
    </form>
    <section
      v-if="found"
      aria-label="What was found"
    >
      <ul
        v-if="found.problems.length > 0"
        class="caution mb-2"
      >
        <li
          v-for="line in found.problems"
          :key="line"
        >
          {{ line }}
        </li>
      </ul>
      <p>
        {{ shown.length }} to take over{{ same > 0 ? `, ${same} already here as they are` : '' }}.
      </p>
      <ul>
        <li
          v-for="one in shown"
          :key="one.i"
        >
          <label class="flex gap-2 items-center py-0.5">
            <input
              type="checkbox"
              :checked="!left.has(one.i)"
              @change="toggle(one.i)"
            >
            <span><b>{{ one.entry.name }}</b> {{ what(one) }}
              <span class="text-quiet">{{ stateText(one) }}</span></span>
          </label>
        </li>
      </ul>
      <button
        v-if="shown.length > 0"
        type="button"
        class="btn btn-main mt-2"
        :disabled="chosen.length === 0"
        @click="emit('take', chosen)"
      >
        See what {{ chosen.length === 1 ? 'it does' : `these ${chosen.length} do` }}
      </button>
    </section>
  </div>
</template>
