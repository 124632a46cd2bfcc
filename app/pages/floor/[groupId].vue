<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { settleSets } from '~~/shared/sameSet'
import type { SetLogInput } from '~~/shared/types'
import RoomPage from '~/components/common/RoomPage.vue'
import FloorCard from '~/components/floor/FloorCard.vue'
import FloorCircuit from '~/components/floor/FloorCircuit.vue'
import FloorEvents from '~/components/floor/FloorEvents.vue'
import FloorHead from '~/components/floor/FloorHead.vue'
import FloorLanes from '~/components/floor/FloorLanes.vue'
import FloorPlan from '~/components/floor/FloorPlan.vue'
import FloorWaiting from '~/components/floor/FloorWaiting.vue'
import { useFloorBoard } from '~/composables/floor/useFloorBoard'
import { useFloorCards } from '~/composables/floor/useFloorCards'
import { useFloorWaiting } from '~/composables/floor/useFloorWaiting'
import { useAlerts } from '~/composables/useAlerts'
import { useCatalogue } from '~/composables/useCatalogue'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { minutesOf } from '~/words/timerWords'
import { timetableText } from '~/words/floorWords'
import { useOutboxStore } from '~/stores/outbox'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })

const route = useRoute()
const signedIn = useSignInStore()
const outbox = useOutboxStore()
const catalogue = useCatalogue()
const { waiting: unsent } = storeToRefs(outbox)
/** Sets of this visit: the page does not ask the server again after each. */
const sent = ref<SetLogInput[]>([])
const board = useFloorBoard(() => catalogue.value, () => logs.value)
const { store, clock, attempt, nameOf, blocks, lanes, running } = board
const { waiting, leave } = useFloorWaiting(board, () => logs.value)
const logs = computed((): SetLogInput[] => {
  const stored = (store.day?.runs ?? []).flatMap(run => run.logs)
  return settleSets([...stored, ...unsent.value, ...sent.value])
})
useHead({ title: () => `Floor · ${store.day?.group.name ?? ''} · Keen Anchor` })

// A red flag that is raised anywhere takes the athlete off the floor.
useAlerts(() => store.refresh())
const dark = useStorage('keen-anchor-floor-dark', true)
const telling = ref<'late' | 'absent' | 'placeOut' | null>(null)
const groupId = computed(() => String(route.params.groupId))
onMounted(async () => {
  await store.load(groupId.value)
  if (store.day && !store.floor && people.value.length > 0) await board.plan()
})

const { people, cards, shown, digitOf, next, setBusy } = useFloorCards(board)
const stoppedRuns = computed(() => (store.day?.runs ?? []).filter(run => run.stop))
const held = computed(() => store.floor?.heldAt !== null && running.value)
const laneNames = computed(() => new Map(lanes.value.map(lane => [lane.id, lane.name])))
const outside = computed(() => people.value.map(run => run.athleteId).filter(id =>
  !blocks.value.some(block => (block.athleteId === id || block.helper === id) && block.start < clock.tick.value)))

const cardRefs = new Map<string, InstanceType<typeof FloorCard>>()
useSingleKeys([
  {
    keys: ['1', '2', '3', '4', '5', '6', '7', '8'], text: 'Start or stop a card',
    run: (key) => {
      const card = cards.value.find(one => digitOf(one.run.athleteId) === key)
      if (card) cardRefs.get(card.run.athleteId)?.press()
    },
  },
  {
    keys: ['p'], text: 'Pause all, go on',
    run: () => running.value && !store.elsewhere && board.hold(!held.value),
  },
])

function log(entry: SetLogInput): void {
  sent.value = [...sent.value, entry]
  outbox.add(entry)
}
async function tell(events: Parameters<typeof board.happened>[0]): Promise<void> {
  telling.value = null
  await board.happened(events)
}
</script>

<template>
  <div
    class="min-h-screen bg-chalk text-ink p-4 text-[1.15rem]"
    :class="{ 'floor-dark': dark }"
  >
    <FloorHead
      v-model:dark="dark"
      :name="store.day?.group.name ?? ''"
      :text="store.floor && running ? `${people.length} athletes, ${timetableText(store.floor.timetable, nameOf)}` : ''"
      :running="running && !store.elsewhere"
      :held="held"
      @hold="board.hold"
      @tell="telling = $event"
    />
    <RoomPage
      v-if="signedIn.me"
      :readings="[store]"
      :empty="store.day && people.length === 0 ? 'Nobody of this squad has a session today that may be trained.' : null"
      :next="['/day', 'Who trains today']"
      @retry="store.again"
    >
      <template v-if="store.floor">
        <p
          v-if="store.elsewhere"
          class="caution flex flex-wrap items-center gap-3 mb-3"
          role="status"
        >
          <span><b>{{ store.elsewhere.by }}</b> runs this floor on another device. You look on.</span>
          <button
            type="button"
            class="btn btn-main min-h-[48px]"
            @click="store.takeOver"
          >
            Go on here
          </button>
        </p>
        <FloorPlan
          v-if="!running"
          class="mb-3"
          :ways="store.floor.ways"
          :text="`${people.length} athletes, ${timetableText(store.floor.timetable, nameOf)}.`"
          :busy="attempt.busy"
          :problem="attempt.problem"
          @ways="board.plan"
          @start="board.start"
        />
        <p
          v-else
          class="mb-3"
          role="status"
        >
          <template v-if="held">
            <b>All is paused.</b>
          </template>
          <template v-else-if="next">
            Next to move: <b>{{ next.run.athleteName }} to {{ laneNames.get(next.block.place)?.toLowerCase() }} in
              <span class="figure">{{ minutesOf(next.inS) }}</span></b>.
          </template>
          {{ attempt.problem || attempt.said }}
        </p>
        <FloorEvents
          v-if="telling"
          v-model:what="telling"
          class="mb-3"
          :room="store.floor.plan.room"
          :now="Math.ceil(clock.tick.value)"
          :outside="outside"
          :name-of="nameOf"
          :used="lanes.map(lane => lane.id)"
          @happened="tell"
          @close="telling = null"
        />
        <div class="grid lg:grid-cols-[minmax(0,1fr)_20rem] gap-4 mb-4">
          <FloorLanes
            class="max-h-[21rem] overflow-y-auto"
            :lanes="lanes"
            :now="clock.tick.value"
            :started-at="store.floor.startedAt ?? clock.now.value"
            :name-of="nameOf"
          />
          <div>
            <FloorWaiting
              v-if="!store.elsewhere"
              :all="waiting"
              @leave="leave"
            />
            <p
              v-for="run in stoppedRuns"
              :key="run.athleteId"
              class="caution mt-2"
            >
              <b>{{ run.athleteName }}</b> does not train: a red flag stands.
            </p>
          </div>
        </div>
        <div
          v-if="running && !store.elsewhere"
          class="grid gap-3 items-start grid-cols-[repeat(auto-fit,minmax(16.5rem,1fr))]"
        >
          <component
            :is="card.block.circuit ? FloorCircuit : FloorCard"
            v-for="card in cards"
            v-show="shown.includes(card.run.athleteId)"
            :key="card.block.id"
            :ref="found => found && cardRefs.set(card.run.athleteId, found as InstanceType<typeof FloorCard>)"
            :run="card.run"
            :block="card.block"
            :in-s="card.inS"
            :left-s="card.leftS"
            :waiting="unsent"
            :catalogue="catalogue"
            :units="signedIn.me.units"
            :digit="digitOf(card.run.athleteId)"
            :held="held"
            @log="log"
            @done="board.over(card.block.id)"
            @busy="is => setBusy(card.run.athleteId, is)"
          />
          <p
            v-if="cards.length === 0"
            class="text-[1.5rem] col-span-full"
          >
            Everybody is through.
          </p>
        </div>
      </template>
    </RoomPage>
  </div>
</template>
