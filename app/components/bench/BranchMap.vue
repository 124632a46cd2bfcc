<script setup lang="ts">
import type { Catalogue, Ladder, Rungs } from '~~/core/catalogue'
import { opensAfter } from '~/words/branchWords'

/** The branches of a ladder: where the athlete stands on each, and what opens those that are closed. */
const props = defineProps<{ ladder: Ladder, branchId: string, rungs: Rungs, catalogue: Catalogue }>()

const lines = computed(() => props.ladder.branches.map((branch) => {
  const reached = branch.after.every((id) => {
    const opener = props.catalogue.find(id)
    return !opener || (props.rungs[opener.branch] ?? 1) >= opener.rung
  })
  const closed = reached ? '' : opensAfter(branch, props.catalogue)
  return { branch, at: props.rungs[branch.id] ?? (reached ? 1 : 0), closed }
}))
</script>

<template>
  <nav
    aria-label="Branches of the ladder"
    class="flex flex-wrap gap-x-5 gap-y-1 mb-2"
  >
    <NuxtLink
      v-for="{ branch, at, closed } in lines"
      :key="branch.id"
      :to="{ query: { ladder: ladder.id, branch: branch.id } }"
      class="py-0.5 min-h-[28px] max-w-[17rem]"
      :aria-current="branch.id === branchId ? 'page' : undefined"
      :title="closed || undefined"
    >
      <span
        class="block leading-tight"
        :class="branch.id === branchId ? 'font-bold' : 'text-quiet'"
      >{{ branch.name }}</span>
      <span
        class="flex items-end gap-[3px] h-3 mt-0.5"
        role="img"
        :aria-label="at > 0 ? `rung ${at} of ${branch.rungs.length}` : closed"
      >
        <span
          v-for="rung in branch.rungs.length"
          :key="rung"
          class="w-3.5"
          :class="[
            at === 0 ? 'border border-line h-[5px]' : rung === at ? 'bg-signal' : rung < at ? 'bg-block' : 'bg-line',
            at > 0 && rung === at ? 'h-[9px]' : 'h-[5px]',
          ]"
        />
      </span>
    </NuxtLink>
  </nav>
</template>
