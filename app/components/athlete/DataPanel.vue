<script setup lang="ts">
import EraseForm from '~/components/common/EraseForm.vue'

/** One athlete's data as a whole: taken along as a file, or erased for good. */
defineProps<{ name: string, athleteId: string, busy: boolean, problem: string }>()
const emit = defineEmits<{ export: [], erase: [typed: string] }>()
const asking = ref(false)
</script>

<template>
  <section>
    <h2>Data of this athlete</h2>
    <p class="flex flex-wrap gap-2 mt-1">
      <button
        type="button"
        class="btn"
        @click="emit('export')"
      >
        Export all of it
      </button>
      <NuxtLink
        class="btn"
        :to="`/record?athlete=${athleteId}`"
      >What was done, and by whom</NuxtLink>
      <button
        type="button"
        class="btn"
        :aria-expanded="asking"
        @click="asking = !asking"
      >
        Erase …
      </button>
    </p>
    <EraseForm
      v-if="asking"
      :name="name"
      :busy="busy"
      :problem="problem"
      @erase="emit('erase', $event)"
    >
      Everything about {{ name }} is removed for good: profile, flags, weeks, sets and sign-in. Backups made before
      still hold it. Archiving keeps it instead.
    </EraseForm>
  </section>
</template>
