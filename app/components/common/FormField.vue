<script setup lang="ts">
/** A label, its control, and the message that belongs beside it. */
const props = defineProps<{ label: string, problem?: string, hint?: string, name: string }>()

const describedBy = computed(() =>
  [props.problem ? `${props.name}-problem` : null, props.hint ? `${props.name}-hint` : null].filter(Boolean).join(' ')
  || undefined
)
</script>

<template>
  <div>
    <label
      :for="name"
      class="block font-semibold mb-0.5"
    >{{ label }}</label>
    <slot
      :id="name"
      :invalid="problem ? true : undefined"
      :described-by="describedBy"
    />
    <p
      v-if="hint"
      :id="`${name}-hint`"
      class="text-quiet text-[0.9em] mt-0.5"
    >
      {{ hint }}
    </p>
    <p
      v-if="problem"
      :id="`${name}-problem`"
      class="problem mt-0.5"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>
