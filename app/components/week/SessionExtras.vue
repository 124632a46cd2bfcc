<script setup lang="ts">
import {
  changeSession, coolDownFor, homePlan, warmUpFor, type PlannedSession, type PlanningContext, type WeekPlan,
} from '~~/core/programme'
import SessionCircuit from '~/components/week/SessionCircuit.vue'

/** What stands around the work of a session: warm-up and cool-down, a circuit, a few minutes at home, a note. */
const props = defineProps<{ session: PlannedSession, plan: WeekPlan, context: PlanningContext }>()
const emit = defineEmits<{ put: [plan: WeekPlan] }>()

const homeMinutes = ref(5)
const told = ref('')

const warmUp = computed(() => warmUpFor(props.session, props.context))
const home = computed(() => props.session.items.filter(item => item.slot === 'home'))
const put = (change: (session: PlannedSession) => PlannedSession): void =>
  emit('put', changeSession(props.plan, props.session.id, change))

function setMinutes(field: 'warmUpMinutes' | 'coolDownMinutes', value: number): void {
  put(({ [field]: _, ...session }) => (value > 0 ? { ...session, [field]: Math.min(30, Math.round(value)) } : session))
}
function addHome(): void {
  const found = homePlan(props.plan, props.session.id, homeMinutes.value, props.context)
  told.value = found.length > 0
    ? `At home: ${found.map(f => f.instead).join('; ')}.`
    : 'Nothing that may be done at home serves what is short.'
  if (found.length > 0)
    put(session => ({
      ...session,
      items: [...session.items.filter(i => i.slot !== 'home'), ...found.map(f => f.item)],
    }))
}
function setNote(text: string): void {
  put(({ note: _, ...session }) => (text.trim() ? { ...session, note: text.slice(0, 1000) } : session))
}
</script>

<template>
  <div class="flex flex-col gap-4">
    <section>
      <h3>Warm-up and cool-down</h3>
      <p class="flex flex-wrap gap-4">
        <label
          v-for="[field, label] in
          ([['warmUpMinutes', 'Warm-up, min'], ['coolDownMinutes', 'Cool-down, min']] as const)"
          :key="field"
          class="flex items-center gap-2"
        >{{ label }}
          <input
            type="number"
            min="0"
            max="30"
            class="field w-20 figure"
            :value="session[field] ?? 0"
            @change="setMinutes(field, Number(($event.target as HTMLInputElement).value))"
          >
        </label>
      </p>
      <p
        v-if="session.warmUpMinutes"
        class="text-quiet"
      >
        {{ warmUp.map(line => line.text).join('; ') }}.
      </p>
      <p
        v-if="session.coolDownMinutes"
        class="text-quiet"
      >
        {{ coolDownFor().map(line => line.text).join('; ') }}.
      </p>
    </section>
    <SessionCircuit
      :session="session"
      :context="context"
      @put="put"
      @told="told = $event"
    />
    <section>
      <h3>At home</h3>
      <p class="flex flex-wrap gap-3 items-center">
        <label class="flex items-center gap-2">Minutes
          <select
            v-model.number="homeMinutes"
            class="field w-auto"
          >
            <option
              v-for="n in [3, 5, 10, 15]"
              :key="n"
              :value="n"
            >{{ n }}</option>
          </select>
        </label>
        <button
          type="button"
          class="btn"
          @click="addHome"
        >
          {{ home.length > 0 ? 'Plan it anew' : 'Plan it for home' }}
        </button>
        <button
          v-if="home.length > 0"
          type="button"
          class="underline underline-offset-2"
          @click="put(s => ({ ...s, items: s.items.filter(i => i.slot !== 'home') }))"
        >
          Leave it out
        </button>
      </p>
      <p class="text-quiet">
        Serves what the week leaves short, with the floor and what a house has.
      </p>
    </section>
    <p
      v-if="told"
      role="status"
      class="border-l-4 border-ink pl-3"
    >
      {{ told }}
    </p>
    <section>
      <label
        class="font-semibold"
        for="session-note"
      >Note for this session</label>
      <textarea
        id="session-note"
        class="field w-full h-16"
        maxlength="1000"
        :value="session.note ?? ''"
        @change="setNote(($event.target as HTMLTextAreaElement).value)"
      />
    </section>
  </div>
</template>
