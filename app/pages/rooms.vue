<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import type { GymRoom, GymRooms } from '~~/shared/types'
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import RoomHours from '~/components/floor/RoomHours.vue'
import RoomList from '~/components/floor/RoomList.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useMay } from '~/composables/useMay'
import { useVersionedEdit } from '~/composables/useVersionedEdit'
import { longDay } from '~/words/inWords'
import { hoursOf, squadsToday, tickAt, timeAt, type SquadToday } from '~/words/roomHours'
import { roomsClash } from '~/words/roomsClash'
import { useCoachDayStore } from '~/stores/coachDay'
import { useRoomsStore } from '~/stores/rooms'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Rooms today · Keen Anchor' })

const signedIn = useSignInStore()
const day = useCoachDayStore()
const store = useRoomsStore()
const { plan: mayChange } = useMay()
const { busy, problem, fields, attempt } = useAttempt()
onMounted(() => Promise.all([day.load(), store.load()]))

/** When each squad wants to begin, as it was typed here today. */
const typed = useStorage<{ day: string, wanted: Record<string, string> }>('keen-anchor-rooms', { day: '', wanted: {} })
const today = computed(() => signedIn.me?.today ?? '')
const wanted = computed(() => (typed.value.day === today.value ? typed.value.wanted : {}))
const squads = computed(() => squadsToday(day.day?.squads ?? []))
const rooms = computed(() => store.all.rooms)
const hours = computed(() => hoursOf(squads.value, rooms.value, wanted.value))
const startOf = ({ id }: SquadToday): string => {
  const given = hours.value.given.find(one => one.squad === id)
  return given ? timeAt(given.start) : ''
}
const wantedBy = (squad: SquadToday): string =>
  wanted.value[squad.id] ?? squad.usual ?? rooms.value.map(room => room.from).sort()[0] ?? '08:00'
function want(squad: SquadToday, time: string): void {
  if (/^\d\d:\d\d$/.test(time)) typed.value = { day: today.value, wanted: { ...wanted.value, [squad.id]: time } }
}
/** "16:30, 30 min later than wanted": what a squad gets. */
function gets(squad: SquadToday): string {
  const given = hours.value.given.find(one => one.squad === squad.id)
  if (!given) return 'no room is left'
  const room = rooms.value.find(one => one.id === given.room)
  const off = (given.start - tickAt(wantedBy(squad))) / 2
  const how = off === 0 ? '' : `, ${Math.abs(off)} min ${off > 0 ? 'later' : 'earlier'} than wanted`
  return `${startOf(squad)} in ${room?.name ?? ''}${how}`
}
const edit = useVersionedEdit<readonly GymRoom[], GymRooms>(store.save, roomsClash)
const { clash } = edit
const save = (next: GymRoom[]): Promise<boolean> =>
  attempt(() => edit.save(next, rooms.value, store.all.version))
</script>

<template>
  <div v-if="signedIn.me">
    <h1>Rooms on {{ longDay(signedIn.me.today) }}</h1>
    <p class="text-quiet mb-3">
      Squads that train today, each as near as can be to when it wants to begin. Nobody is in two squads at once.
    </p>
    <RoomPage
      :readings="[day, store]"
      :empty="day.day && squads.length === 0 ? 'No squad has a session today.' : null"
      :next="['/squad-week', 'Plan a week for a squad']"
      @retry="() => { day.again(); store.again() }"
    >
      <p
        v-if="rooms.length === 0"
        class="caution mb-3"
      >
        No room is written down yet. Add one below: how many have room at once, and when it is open.
      </p>
      <RoomHours
        v-else
        class="panel mb-3"
        :rooms="rooms"
        :squads="squads"
        :hours="hours"
      />
      <ul class="panel mb-4">
        <li
          v-for="squad in squads"
          :key="squad.id"
          class="flex flex-wrap items-center gap-3 py-1.5 border-b border-line/60"
        >
          <b class="w-48">{{ squad.name }}</b>
          <span class="figure w-44">{{ squad.people }} athletes, {{ squad.minutes }} min</span>
          <label class="flex items-center gap-2">wants
            <input
              type="time"
              class="field w-36"
              :aria-label="`${squad.name} wants to begin at`"
              :value="wantedBy(squad)"
              @change="want(squad, ($event.target as HTMLInputElement).value)"
            >
          </label>
          <span
            class="mr-auto"
            :class="hours.none.includes(squad.id) ? 'problem' : ''"
          >{{ rooms.length > 0 ? gets(squad) : '' }}</span>
          <NuxtLink
            class="btn"
            :to="`/floor/${squad.id}`"
          >Floor board</NuxtLink>
        </li>
      </ul>
      <p
        v-if="rooms.length > 0"
        class="mb-4"
        role="status"
      >
        {{ hours.none.length > 0 ? `${hours.none.length} without a room. ` : '' }}{{ hours.away / 2 }} min away from
        what is wanted in all{{ hours.proven ? ': nothing is nearer' : ', the nearest that was found' }}.
      </p>
    </RoomPage>
    <section v-if="mayChange">
      <h2 class="mb-2">
        The rooms
      </h2>
      <RoomList
        :rooms="rooms"
        :busy="busy"
        :problems="fields"
        :problem="problem"
        @save="save"
      />
    </section>
    <ConflictChoice
      v-if="clash"
      :who="clash.who"
      subject="the rooms"
      :rows="clash.rows"
      :others="clash.others"
      @choose="choices => attempt(() => edit.choose(choices))"
    />
  </div>
</template>
