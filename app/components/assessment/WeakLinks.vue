<script setup lang="ts">
import { weakLinks, type Person, type SetLog, type Tests, type WeakLink } from '~~/core/assessment'
import { ACTION_FACTS, type Catalogue, type TrunkAction } from '~~/core/catalogue'
import { removals, type Screen } from '~~/core/screening'
import type { StoredTrial } from '~~/shared/types'
import { toBenchOf } from '~/composables/useBenchAddress'

/** What holds the athlete back, with what speaks for it, and the drills to begin with. */
const props = defineProps<
  {
    trials: readonly StoredTrial[]
    person: Person
    screen: Screen
    catalogue: Catalogue
    athleteId: string
    present: TrunkAction | null
    editable: boolean
    tests: Tests
    logs: readonly SetLog[]
  }
>()
const emit = defineEmits<{ take: [link: WeakLink] }>()

const finding = computed(() =>
  weakLinks(props.trials, props.person, { tests: props.tests, catalogue: props.catalogue, logs: props.logs })
)
const nameOf = (
  link: WeakLink,
): string => (link.place in ACTION_FACTS
  ? ACTION_FACTS[link.place as TrunkAction].label
  : link.place.replace(/([A-Z])/g, ' $1').toLowerCase())
/** Drills that may be given, or that only wait for a rung. */
const drillsOf = (link: WeakLink) =>
  link.drills.flatMap((id) => {
    const drill = props.catalogue.find(id)
    return drill && removals(drill, props.screen).every(r =>
        r.rule === 'rung' || r.rule === 'prerequisite' || r.rule === 'braceStep'
      )
      ? [drill]
      : []
  })
</script>

<template>
  <section>
    <h2 class="mb-1">
      Weak link
    </h2>
    <p
      v-if="finding.links.length === 0"
      class="text-quiet"
    >
      {{ finding.why }}
    </p>
    <ol class="flex flex-col gap-2">
      <li
        v-for="(link, index) in finding.links.slice(0, 3)"
        :key="link.place"
        :class="index === 0 ? 'border-l-4 border-signal pl-3' : 'border-l-4 border-line pl-3'"
      >
        <p><b>{{ link.says }}</b></p>
        <p class="text-quiet text-[0.92em]">
          {{ link.evidence.join(' ') }}
        </p>
        <p>
          Begin with
          <template
            v-for="(drill, i) in drillsOf(link)"
            :key="drill.id"
          >
            <NuxtLink
              :to="toBenchOf(drill, athleteId)"
              class="underline underline-offset-2"
            >{{ drill.name.toLowerCase() }}</NuxtLink>{{ i < drillsOf(link).length - 1 ? ', ' : '.' }}
          </template>
          <template v-if="drillsOf(link).length === 0">
            nothing from here: the flags take these drills away.
          </template>
        </p>
        <p v-if="editable && link.place in ACTION_FACTS && link.place !== present">
          <button
            type="button"
            class="btn"
            @click="emit('take', link)"
          >
            Make “{{ nameOf(link) }}” the weak link
          </button>
        </p>
        <p
          v-else-if="link.place === present"
          class="text-quiet"
        >
          This is the weak link the weeks are planned around.
        </p>
      </li>
    </ol>
  </section>
</template>
