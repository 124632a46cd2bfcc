<script setup lang="ts">
import { isOwn, removeOwn, type OwnCatalogue } from '~~/core/catalogue'
import { same } from '~~/core/merge'
import { messageOf, storedFirst } from '~~/shared/errors'
import { forget } from '~/device/kept'
import OwnDrillForm from '~/components/catalogue/OwnDrillForm.vue'
import ModalDialog from '~/components/common/ModalDialog.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { copyOf, withDrill, type OwnDrill } from '~/composables/useOwnDrill'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ only: 'plan' })
useHead({ title: 'A drill of your own · Keen Anchor' })

const route = useRoute()
const signedIn = useSignInStore()
const store = useCatalogueStore()
onMounted(store.load)

const editing = computed(() => {
  const found = store.catalogue.find(String(route.query.drill ?? ''))
  return found && isOwn(found) ? store.stored.own.variations.find(v => v.id === found.id) ?? null : null
})
const like = computed(() =>
  store.catalogue.find(String(route.query.like ?? '')) ?? store.catalogue.find('front-plank.elbows')!
)
const start = computed(() => editing.value ?? copyOf(like.value))
const draftKey = computed(() => `draft/drill/${editing.value?.id ?? `like-${like.value.id}`}`)
const missing = computed(() => route.query.drill !== undefined && !editing.value)
const round = ref(0)
const busy = ref(false)
const problem = ref('')
const asking = ref(false)

function startOver(): void {
  forget(draftKey.value)
  round.value += 1
}

/** Whether somebody else changed the very drill meanwhile. */
const touched = (id: string) => (before: OwnCatalogue, theirs: OwnCatalogue): boolean => {
  const of = (own: OwnCatalogue) => own.variations.find(v => v.id === id) ?? null
  return !same(of(before), of(theirs))
}

async function storeChange(what: string, id: string, edit: (own: OwnCatalogue) => OwnCatalogue): Promise<void> {
  if (busy.value) return
  busy.value = true
  problem.value = ''
  const key = draftKey.value
  try {
    await store.change(what, edit, touched(id))
    forget(key)
    await navigateTo('/catalogue/own')
  }
  catch (error) {
    problem.value = storedFirst(error)
      ? 'Somebody else changed this drill meanwhile. What you typed is still here: storing again replaces theirs.'
      : messageOf(error)
  }
  finally {
    busy.value = false
  }
}
const save = (done: OwnDrill) => storeChange(`Drill ${done.drill.name}`, done.drill.id, own => withDrill(own, done))
const remove = (id: string) => storeChange('Taking a drill out', id, own => removeOwn(own, id))
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store]"
      :empty="missing ? 'There is no such drill of your own.' : null"
      @retry="store.again"
    >
      <template #empty>
        <NuxtLink
          to="/catalogue/own"
          class="underline underline-offset-2"
        >
          Your own drills
        </NuxtLink>
      </template>
      <h1 class="mb-3">
        {{ editing ? editing.name : 'A drill of your own' }}
      </h1>
      <p
        v-if="problem"
        class="caution mb-3"
        role="alert"
      >
        {{ problem }}
      </p>
      <OwnDrillForm
        :key="`${draftKey}/${round}`"
        :start="start"
        :catalogue="store.catalogue"
        :own="store.stored.own"
        :busy="busy"
        :like-name="editing ? '' : like.name"
        :draft-key="draftKey"
        @save="save"
        @cancel="forget(draftKey); navigateTo(editing ? '/catalogue/own' : '/catalogue')"
        @remove="asking = true"
        @start-over="startOver"
      />
      <ModalDialog
        :open="asking"
        :title="`Take ${editing?.name ?? 'it'} out?`"
        @close="asking = false"
      >
        <p>Sets that were done with it stay in the record. In weeks that still hold it, it is marked and has to be
          replaced before they are stored again.</p>
        <p class="flex gap-2 mt-3">
          <button
            type="button"
            class="btn btn-main"
            @click="asking = false; remove(editing!.id)"
          >
            Take it out
          </button>
          <button
            type="button"
            class="btn"
            @click="asking = false"
          >
            Keep it
          </button>
        </p>
      </ModalDialog>
    </RoomPage>
  </div>
</template>
