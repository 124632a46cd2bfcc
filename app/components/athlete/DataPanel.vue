<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'

/** One athlete's data as a whole: taken along as a file, or erased for good. */
defineProps<{ name: string, athleteId: string, busy: boolean, problem: string }>()
const emit = defineEmits<{ export: [], erase: [typed: string] }>()
const asking = ref(false)
const typed = ref('')
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
    <form
      v-if="asking"
      class="caution mt-2 flex flex-col gap-2"
      novalidate
      @submit.prevent="emit('erase', typed)"
    >
      <p>Everything about {{ name }} is removed for good: profile, flags, weeks, sets and sign-in. Backups made before
        still hold it. Archiving keeps it instead.</p>
      <TextField
        v-model="typed"
        :label="`Type the name: ${name}`"
        name="erase-name"
        :problem="problem"
      />
      <button
        type="submit"
        class="btn self-start"
        :disabled="busy"
      >
        Erase for good
      </button>
    </form>
  </section>
</template>
