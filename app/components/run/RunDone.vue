<script setup lang="ts">
import type { PrescribedItem } from '~~/shared/types'
import type { SessionEffort as SessionEffortTold } from '~~/core/review'
import SessionEffort from '~/components/run/SessionEffort.vue'
import StoppedDrill from '~/components/safety/StoppedDrill.vue'

/** The end of a session: what is logged, and which drills were not for today. */
defineProps<
  {
    done: number
    of: number
    /** A drill ended in pain. */
    pain: boolean
    notToday: readonly PrescribedItem[]
    home: string
    busy: boolean
    problem: string
    effort: SessionEffortTold | null
    /** Minutes that the session was planned for. */
    minutes: number
  }
>()
const emit = defineEmits<{ take: [itemId: string], tell: [effort: number, minutes: number] }>()
</script>

<template>
  <section>
    <h1 class="mb-2">
      Session done
    </h1>
    <p class="mb-1">
      <b class="figure">{{ done }}</b> of <b class="figure">{{ of }}</b> sets are logged.
    </p>
    <p
      v-if="pain"
      class="caution mb-2"
    >
      A drill was stopped for pain. Tell your coach today.
    </p>
    <div
      v-for="item in notToday"
      :key="item.id"
      class="mb-2"
    >
      <b>{{ item.name }}</b>
      <StoppedDrill
        :stopped="item.stopped!"
        :busy="busy"
        @take="emit('take', item.id)"
      />
    </div>
    <p
      v-if="problem"
      class="caution"
      role="alert"
    >
      {{ problem }}
    </p>
    <SessionEffort
      :told="effort"
      :minutes="minutes"
      @tell="(how, over) => emit('tell', how, over)"
    />
    <NuxtLink
      :to="home"
      class="btn btn-main btn-floor mt-4"
    >Finish</NuxtLink>
  </section>
</template>
