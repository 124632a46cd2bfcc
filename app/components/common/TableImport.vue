<script setup lang="ts" generic="Row">
import { keep, kept } from '~/device/kept'
import { matchColumns, readRows, type ImportField, type Matching } from '~/files/tableImport'

/** A table on its way in: columns matched and remembered, every row read, messages in the cell they belong to. */
const props = defineProps<{
  name: string
  kind: string
  headings: readonly string[]
  rows: readonly Readonly<Record<string, string>>[]
  fields: readonly ImportField<Row>[]
  /** What a row's cells say together. */
  together?: (row: Row) => { field: string, text: string } | null
  busy: boolean
  problem: string
}>()
const emit = defineEmits<{ accept: [rows: Row[]], close: [] }>()

const KEY = computed(() => `import/${props.kind}`)
const matching = ref<Matching>(matchColumns(props.headings, props.fields, kept<Matching>(KEY.value) ?? {}))
function match(heading: string, key: string): void {
  // A field takes one heading: the other lets go of it.
  const others = Object.fromEntries(Object.entries(matching.value).map(([h, k]) => [h, k === key ? null : k]))
  matching.value = { ...others, [heading]: key === '' ? null : key }
  keep(KEY.value, { ...kept<Matching>(KEY.value), ...matching.value })
}
const read = computed(() => readRows(props.rows, props.fields, matching.value).map((row) => {
  const clash = row.row && props.together ? props.together(row.row as Row) : null
  return clash ? { ...row, row: null, problems: { ...row.problems, [clash.field]: clash.text } } : row
}))
const wrong = computed(() => read.value.filter(row => row.row === null))
const SHOWN = 60
/** What has to be mended comes first. */
const shown = computed(() => [...wrong.value, ...read.value.filter(row => row.row !== null)].slice(0, SHOWN))
const missing = computed(() => props.fields.filter(f => f.required && !Object.values(matching.value).includes(f.key)))
const columns = computed(() =>
  props.fields.filter(f =>
    Object.values(matching.value).includes(f.key) || wrong.value.some(row => f.key in row.problems)
  )
)
const headingOf = (key: string): string | undefined => Object.entries(matching.value).find(([, k]) => k === key)?.[0]
function accept(): void {
  keep(KEY.value, { ...kept<Matching>(KEY.value), ...matching.value })
  emit('accept', read.value.map(row => row.row as Row))
}
</script>

<template>
  <section class="panel mt-4">
    <h2>{{ name }}</h2>
    <div class="grid grid-cols-2 md:grid-cols-4 gap-x-3 gap-y-2 my-2">
      <div
        v-for="(heading, index) in headings"
        :key="heading"
      >
        <label
          class="block font-semibold"
          :for="`match-${index}`"
        >{{ heading }}</label>
        <select
          :id="`match-${index}`"
          class="field"
          :value="matching[heading] ?? ''"
          @change="match(heading, ($event.target as HTMLSelectElement).value)"
        >
          <option value="">
            left out
          </option>
          <option
            v-for="field in fields"
            :key="field.key"
            :value="field.key"
          >
            {{ field.label }}
          </option>
        </select>
      </div>
    </div>
    <p
      v-if="missing.length > 0"
      class="caution"
    >
      No column yet for {{ missing.map(f => f.label.toLowerCase()).join(', ') }}.
    </p>
    <p role="status">
      {{ read.length }} {{ read.length === 1 ? 'row' : 'rows' }}<template v-if="wrong.length > 0">,
        <b class="problem">{{ wrong.length }} to be mended</b>: nothing is taken in before all are right</template>.
    </p>
    <div
      class="overflow-x-auto max-h-[46vh] overflow-y-auto my-2"
      tabindex="0"
      role="region"
      aria-label="Rows of the file"
    >
      <table class="text-left">
        <thead>
          <tr class="border-b-2 border-ink">
            <th
              scope="col"
              class="pr-3"
            >
              Row
            </th>
            <th
              v-for="field in columns"
              :key="field.key"
              scope="col"
              class="pr-3"
            >
              {{ field.label }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="row in shown"
            :key="row.line"
            class="border-b border-line align-top"
          >
            <td class="figure pr-3">
              {{ row.line }}
            </td>
            <td
              v-for="field in columns"
              :key="field.key"
              class="pr-3"
            >
              {{ headingOf(field.key) === undefined ? '' : row.cells[headingOf(field.key)!] }}
              <span
                v-if="row.problems[field.key]"
                class="problem block"
              >{{ row.problems[field.key] }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p
      v-if="read.length > SHOWN"
      class="text-quiet"
    >
      The first {{ SHOWN }} are shown, what is to be mended first.
    </p>
    <p
      v-if="problem"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <p class="flex gap-2">
      <button
        type="button"
        class="btn btn-main"
        :disabled="busy || wrong.length > 0 || read.length === 0 || missing.length > 0"
        @click="accept"
      >
        Take {{ read.length }} in
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('close')"
      >
        Leave it
      </button>
    </p>
  </section>
</template>
