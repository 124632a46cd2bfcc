<script setup lang="ts">
import type { Placement } from '~~/core/assessment'
import type { Catalogue, Rungs } from '~~/core/catalogue'
import TextField from '~/components/common/TextField.vue'
import { branchesOf, branchName } from '~/words/branchWords'

/**
 * Where the evidence puts the athlete on each branch, beside where they stand, and what is missing for the next rung.
 */
const props = defineProps<
  {
    placements: readonly Placement[]
    rungs: Rungs
    catalogue: Catalogue
    editable: boolean
    busy: boolean
    problem: string
  }
>()
const emit = defineEmits<{ place: [variationId: string, reason: string] }>()

const open = ref<string | null>(null)
/** Branch whose way up waits for what only an eye can tell. */
const asked = ref<string | null>(null)
/** Branches where nobody has begun anything and nothing speaks for it are only shown when asked for. */
const showAll = ref(false)
const reason = ref('')
const all = computed(() => props.placements.map((placement) => {
  const line = branchesOf(props.catalogue).find(({ branch }) => branch.id === placement.branch)!
  const { rungs, id } = line.branch
  const now = Math.min(rungs.length, props.rungs[id] ?? 1)
  const [shown, present] = [rungs[placement.rung - 1]!, rungs[now - 1]!]
  // What is left behind on the way up: each gate has something to be seen.
  const passed = rungs.slice(now - 1, placement.rung - 1)
  return { placement, id, rungs, name: branchName(line), now, shown, present, passed }
}).sort((a, b) => Math.sign(b.placement.rung - b.now) - Math.sign(a.placement.rung - a.now)))
const rows = computed(() => all.value.filter(row =>
  showAll.value || row.placement.evidence.length > 0 || row.placement.rung !== row.now || row.id in props.rungs
))

function put(variationId: string, why: string): void {
  emit('place', variationId, why)
  open.value = null
  asked.value = null
  reason.value = ''
}
</script>

<template>
  <section>
    <h2 class="mb-1">
      Placement
    </h2>
    <p class="text-quiet mb-1">
      The highest rung whose gates and prerequisites the tests and logged sets support.
    </p>
    <p
      v-if="problem"
      class="caution mb-1"
      role="alert"
    >
      {{ problem }}
    </p>
    <ul>
      <li
        v-for="row in rows"
        :key="row.id"
        class="border-b border-line/60 py-1 grid grid-cols-[8rem_minmax(0,1fr)_auto] gap-x-3 items-start"
      >
        <span>{{ row.name }}</span>
        <span class="leading-tight">
          <b>{{ row.shown.name }}</b>
          <span
            v-if="row.placement.rung !== row.now"
            class="block text-[0.92em]"
            :class="row.placement.rung > row.now ? 'text-signal-ink' : 'text-quiet'"
          >stands on {{ row.present.name.toLowerCase() }},
            {{ row.placement.rung > row.now ? `${row.placement.rung - row.now} below what is shown`
              : 'higher than the evidence shows' }}</span>
          <span
            v-if="row.placement.evidence.length > 0"
            class="block text-quiet text-[0.9em]"
          >{{ row.placement.evidence.join(' ') }}</span>
          <span
            v-if="row.placement.missing.length > 0"
            class="block text-quiet text-[0.9em]"
          >For the next: {{ row.placement.missing.join(' ') }}</span>
        </span>
        <span
          v-if="editable"
          class="flex gap-1.5"
        >
          <button
            v-if="row.placement.rung > row.now"
            type="button"
            class="btn"
            :disabled="busy"
            :aria-expanded="asked === row.id"
            @click="asked = asked === row.id ? null : row.id"
          >
            Place here
          </button>
          <button
            type="button"
            class="btn btn-quiet px-2"
            :aria-expanded="open === row.id"
            :aria-label="`Place by hand on ${row.name}`"
            @click="open = open === row.id ? null : row.id"
          >
            by hand
          </button>
        </span>
        <div
          v-if="asked === row.id"
          class="col-span-full flex flex-wrap gap-2 items-center py-2"
        >
          <p>
            The numbers are met. Was it seen as well?
            <b
              v-for="drill in row.passed"
              :key="drill.id"
              class="block"
            >{{ drill.name }}: {{ drill.gate.seen }}</b>
          </p>
          <button
            type="button"
            class="btn btn-main"
            :disabled="busy"
            @click="put(row.shown.id, row.placement.evidence.join(' ') || 'As the evidence shows.')"
          >
            Seen: place on {{ row.shown.name.toLowerCase() }}
          </button>
        </div>
        <form
          v-if="open === row.id"
          class="col-span-full flex flex-wrap gap-2 items-end py-2"
          novalidate
          @submit.prevent="put(($event.target as HTMLFormElement).rung.value, reason)"
        >
          <label class="block">
            <span class="block font-semibold mb-0.5">Rung</span>
            <select
              name="rung"
              class="field w-auto"
            >
              <option
                v-for="rung in row.rungs"
                :key="rung.id"
                :value="rung.id"
                :selected="rung.rung === row.now"
              >
                {{ rung.rung }} · {{ rung.name }}
              </option>
            </select>
          </label>
          <TextField
            v-model="reason"
            class="flex-1 min-w-[14rem]"
            label="Reason"
            :name="`reason-${row.id}`"
          />
          <button
            type="submit"
            class="btn btn-main"
            :disabled="busy || reason.trim().length < 3"
          >
            Place
          </button>
        </form>
      </li>
    </ul>
    <button
      v-if="rows.length < all.length"
      type="button"
      class="underline underline-offset-2 mt-2"
      @click="showAll = true"
    >
      Show all {{ all.length }} branches
    </button>
  </section>
</template>
