<script setup lang="ts">
import type { Me } from '~~/shared/types'

/** The keel: the rooms hang on one line, in the order of the work. */
const props = defineProps<{ me: Me, athleteId: string | null, week: string }>()
const emit = defineEmits<{ signOut: [], units: [] }>()
const route = useRoute()
/** On a phone the rail is longer than the screen: it shows where one is. */
const rail = ref<HTMLElement | null>(null)
onMounted(() => watch(() => route.path, async () => {
  await nextTick()
  const here = rail.value?.querySelector<HTMLElement>('[aria-current]')
  if (!here) return
  const [is, all] = [here.getBoundingClientRect(), rail.value!.getBoundingClientRect()]
  rail.value!.scrollLeft += is.left + is.width / 2 - all.left - all.width / 2
}, { immediate: true }))

const rooms = computed(() => [
  { name: 'Today', to: '/day', here: route.path === '/day' },
  { name: 'Roster', to: '/roster', here: route.path === '/roster' },
  {
    name: 'Athlete',
    to: props.athleteId ? `/athletes/${props.athleteId}` : null,
    here: route.path.startsWith('/athletes/'),
  },
  { name: 'Test desk', to: '/tests', here: route.path.startsWith('/tests') },
  {
    name: 'Ladders',
    to: props.athleteId ? `/ladders/${props.athleteId}` : null,
    here: route.path.startsWith('/ladders/'),
  },
  {
    name: 'Week',
    to: props.athleteId ? `/week/${props.athleteId}?start=${props.week}` : null,
    here: route.path.startsWith('/week/'),
  },
  { name: 'Season', to: '/season', here: route.path.startsWith('/season') },
  { name: 'Squad week', to: '/squad-week', here: route.path === '/squad-week' },
  { name: 'Decisions', to: '/decisions', here: route.path === '/decisions' },
  { name: 'Review', to: '/review', here: route.path.startsWith('/review') },
  { name: 'Schools', to: '/schools', here: route.path === '/schools' },
  { name: 'Sports', to: '/sports', here: route.path === '/sports' },
  { name: 'Catalogue', to: '/catalogue', here: route.path.startsWith('/catalogue') },
  { name: 'Facility', to: '/facility', here: route.path === '/facility' },
])
</script>

<template>
  <nav
    ref="rail"
    aria-label="Rooms"
    class="rail relative bg-ink text-chalk flex md:flex-col md:w-[132px] md:min-h-screen md:sticky md:top-0 md:h-screen
      px-4 py-2 md:py-4 gap-4 items-center md:items-stretch overflow-x-auto"
  >
    <NuxtLink
      to="/roster"
      class="font-[family-name:var(--font-head)] font-bold text-lg leading-tight"
    >
      Keen<br class="hidden md:inline"> Anchor
    </NuxtLink>
    <p
      v-if="me.demo"
      class="border-2 border-dashed border-[#e4703c] px-2 text-center whitespace-nowrap"
      title="Everybody and everything here is invented. Nothing real belongs in it."
    >
      Demo
    </p>
    <ul
      class="relative flex md:flex-col gap-4 md:gap-5 md:mt-4 md:pl-6 md:border-l-2
      md:border-[#4a5a63] md:ml-1.5 md:py-2"
    >
      <li
        v-for="room in rooms"
        :key="room.name"
        class="relative whitespace-nowrap"
      >
        <span
          class="hidden md:block absolute -left-[31px] top-1 size-3 rounded-full border-2"
          :class="room.here ? 'bg-[#e4703c] border-[#e4703c]' : 'bg-ink border-[#8d9ca4]'"
          aria-hidden="true"
        />
        <NuxtLink
          v-if="room.to"
          :to="room.to"
          prefetch-on="visibility"
          :class="room.here ? 'font-bold underline underline-offset-4 md:no-underline'
            : 'text-[#c3ccd0] hover:text-chalk'"
          :aria-current="room.here ? 'page' : undefined"
        >{{ room.name }}</NuxtLink>
        <span
          v-else
          class="text-[#8d9ca4]"
        >{{ room.name }}</span>
      </li>
    </ul>
    <div
      class="md:mt-auto flex md:flex-col gap-3 md:gap-0.5 items-center md:items-start
      text-[0.85rem] ml-auto md:ml-0"
    >
      <template v-if="me.role === 'headCoach'">
        <NuxtLink
          to="/staff"
          class="whitespace-nowrap min-h-[24px] inline-flex items-center"
          :class="route.path === '/staff' ? 'font-bold' : 'text-[#c3ccd0] hover:text-chalk'"
          :aria-current="route.path === '/staff' ? 'page' : undefined"
        >Staff</NuxtLink>
        <NuxtLink
          to="/record"
          class="whitespace-nowrap md:mb-2 min-h-[24px] inline-flex items-center"
          :class="route.path === '/record' ? 'font-bold' : 'text-[#c3ccd0] hover:text-chalk'"
          :aria-current="route.path === '/record' ? 'page' : undefined"
        >Record</NuxtLink>
      </template>
      <NuxtLink
        to="/account"
        class="text-[#c3ccd0] hover:text-chalk whitespace-nowrap underline underline-offset-2 min-h-[24px] inline-flex
          items-center"
      >{{ me.name }}</NuxtLink>
      <button
        type="button"
        class="underline underline-offset-2 whitespace-nowrap"
        @click="emit('units')"
      >
        {{ me.units.mass }} · {{ me.units.length }}<span class="sr-only">, change units</span>
      </button>
      <button
        type="button"
        class="underline underline-offset-2 whitespace-nowrap"
        @click="emit('signOut')"
      >
        Sign out
      </button>
    </div>
  </nav>
</template>
