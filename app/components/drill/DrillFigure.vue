<script setup lang="ts">
import type { Body } from '~~/core/anatomy'
import { drillFigures } from '~~/core/mechanics'
import type { Variation } from '~~/core/catalogue'
import DrawnFigures from '~/components/drill/DrawnFigures.vue'
import { SOMEBODYS_BODY } from '~~/shared/somebody'

/** What a drill of the catalogue looks like, computed here. */
const props = withDefaults(defineProps<{
  drill: Pick<Variation, 'id' | 'name' | 'pose'> | null
  width: number
  height: number
  /** The far end alone, for a label. */
  small?: boolean
  /** Whose body it is; where it cannot take the pose, or none is meant, somebody's. */
  body?: Body
}>(), { small: false, body: () => SOMEBODYS_BODY })

const figures = computed(() => (
  props.drill ? drillFigures(props.drill, props.body) ?? drillFigures(props.drill, SOMEBODYS_BODY) : null
))
</script>

<template>
  <DrawnFigures
    :figures="figures"
    :name="drill?.name ?? ''"
    :width="width"
    :height="height"
    :small="small"
  />
</template>
