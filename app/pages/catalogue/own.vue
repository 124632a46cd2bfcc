<script setup lang="ts">
import { isOwn, type Variation } from '~~/core/catalogue'
import DrillRow from '~/components/catalogue/DrillRow.vue'
import ImportPreview from '~/components/catalogue/ImportPreview.vue'
import OwnFiles from '~/components/catalogue/OwnFiles.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { reckon } from '~/words/reckon'
import { SOMEBODY } from '~~/shared/somebody'
import { useMay } from '~/composables/useMay'
import { useOwnDrillFiles } from '~/composables/useOwnDrillFiles'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Your own drills · Keen Anchor' })

const signedIn = useSignInStore()
const store = useCatalogueStore()
onMounted(store.load)

const { plan: editable } = useMay()
const groups = computed(() => store.catalogue.ladders.map(ladder => ({
  ladder, own: store.stored.own.ladders.some(l => l.id === ladder.id),
  drills: [...ladder.rungs, ...(ladder.beside ?? [])].filter(isOwn),
})).filter(({ drills }) => drills.length > 0))
const count = computed(() => store.catalogue.variations.filter(isOwn).length)
const toEdit = (
  drill: Variation,
) => (editable.value ? navigateTo({ path: '/catalogue/edit', query: { drill: drill.id } }) : undefined)

const { file, busy, said, read, takeIn, write } = useOwnDrillFiles()
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-2 mb-3">
      <h1>Your own drills</h1>
      <p class="text-quiet mr-auto">
        Beside the <NuxtLink
          to="/catalogue"
          class="underline underline-offset-2"
        >catalogue</NuxtLink>, under the same rules.
      </p>
      <NuxtLink
        v-if="editable"
        to="/catalogue/edit"
        class="btn btn-main"
      >
        Add a drill
      </NuxtLink>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <p
        class="border-b-2 border-ink pb-1 text-quiet"
        role="status"
      >
        {{ count === 0 ? 'None yet. Start from any drill of the catalogue, or bring a file.' : count === 1
          ? 'One drill' : `${count} drills` }}
        <b
          v-if="said"
          class="text-ink ml-2"
        >{{ said }}</b>
      </p>
      <section
        v-for="{ ladder, own, drills } in groups"
        :key="ladder.id"
        class="mt-3"
      >
        <h2>
          {{ ladder.name }} <span class="text-quiet font-normal text-[0.85em]">{{ own
            ? `your own ladder: ${ladder.aim}` : 'beside our rungs' }}</span>
        </h2>
        <DrillRow
          v-for="drill in drills"
          :key="drill.id"
          :variation="drill"
          :rung="reckon(drill, SOMEBODY)"
          :ladder="ladder.name"
          :open="false"
          away=""
          @toggle="toEdit(drill)"
        />
      </section>
      <OwnFiles
        class="mt-6"
        :busy="busy"
        :editable="editable"
        :none="count === 0"
        @write="write"
        @read="read"
      />
      <ImportPreview
        v-if="file"
        :name="file.name"
        :reading="file.reading"
        :busy="busy"
        @accept="takeIn"
        @close="file = null"
      />
    </RoomPage>
  </div>
</template>
