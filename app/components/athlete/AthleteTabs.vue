<script setup lang="ts">
/** The rooms of one athlete, in the order of the work. */
const props = defineProps<{ id: string }>()
const route = useRoute()
const tabs = computed(() =>
  [
    ['Profile', `/athletes/${props.id}`], ['Screening', `/athletes/${props.id}/screen`],
    ['Brace', `/athletes/${props.id}/brace`], ['Tests and placement', `/athletes/${props.id}/tests`],
    ['Review', `/review/${props.id}`],
  ] as const
)
</script>

<template>
  <nav
    aria-label="Rooms of the athlete"
    class="flex flex-wrap gap-x-4 mb-3"
  >
    <NuxtLink
      v-for="[name, to] in tabs"
      :key="to"
      :to="to"
      class="py-1 border-b-[3px] min-h-[28px]"
      :class="route.path === to ? 'border-signal font-bold' : 'border-line text-quiet hover:text-ink'"
      :aria-current="route.path === to ? 'page' : undefined"
    >{{ name }}</NuxtLink>
  </nav>
</template>
