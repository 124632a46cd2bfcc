<script setup lang="ts">
import { homeworkState } from '~~/core/assessment'
import type { Assessment } from '~~/shared/types'

/** What an athlete does besides the session: the brace, and the screening. */
const props = defineProps<{ found: Assessment, today: string, stopped: boolean }>()
const homework = computed(() => homeworkState(props.found.course.homework, props.found.practices, props.today))
const braceNext = computed(() => Math.min(7, props.found.braceStep + 1))
</script>

<template>
  <p
    class="flex flex-wrap gap-2 my-2"
  >
    <NuxtLink
      v-if="!stopped"
      to="/brace"
      class="btn min-h-[48px]"
      :class="homework?.remind ? 'border-signal border-2' : ''"
    >Brace, step {{ braceNext }}<template v-if="homework && homework.of > 0">
      · {{ homework.done }} of {{ homework.of }} today
    </template></NuxtLink>
    <NuxtLink
      to="/screening"
      class="btn min-h-[48px]"
      :class="found.screenedOn ? '' : 'border-signal border-2'"
    >{{ found.screenedOn ? 'Screening' : 'Answer the screening' }}</NuxtLink>
  </p>
</template>
