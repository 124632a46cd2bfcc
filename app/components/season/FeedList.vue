<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import type { CalendarFeed } from '~~/shared/types'

/** Secret addresses that a calendar program reads the plan from. */
defineProps<
  {
    feeds: readonly CalendarFeed[]
    choices: readonly {
      readonly scope: CalendarFeed['scope']
      readonly subjectId: string | null
      readonly name: string
    }[]
    url: string
    busy: boolean
    problem: string
  }
>()
const emit = defineEmits<{ add: [scope: CalendarFeed['scope'], subjectId: string | null], revoke: [id: string] }>()
const { copy, copied, isSupported } = useClipboard()
const when = (moment: string): string =>
  new Date(moment).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })
</script>

<template>
  <div class="flex flex-col gap-3">
    <p>A calendar program that is given such an address shows the plan and keeps itself up to date. Whoever has the
      address can read it: give it to nobody else, and take it back when in doubt.</p>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="choice in choices"
        :key="choice.scope + choice.subjectId"
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('add', choice.scope, choice.subjectId)"
      >
        Make one for {{ choice.name }}
      </button>
    </div>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
    <div
      v-if="url"
      class="border-2 border-signal p-2"
      role="status"
    >
      <p class="font-semibold">
        The address, shown this once:
      </p>
      <p
        class="figure break-all select-all"
        data-feed-url
      >
        {{ url }}
      </p>
      <a
        class="btn mt-2 mr-2"
        :href="`${url}.ics`"
        download="keen-anchor.ics"
      >Save it as a file</a>
      <button
        v-if="isSupported"
        type="button"
        class="btn mt-2"
        @click="copy(url)"
      >
        {{ copied ? 'Copied' : 'Copy it' }}
      </button>
    </div>
    <ul v-if="feeds.length > 0">
      <li
        v-for="feed in feeds"
        :key="feed.id"
        class="flex flex-wrap gap-2 items-center py-1 border-t border-line"
      >
        <span class="mr-auto"><b>{{ feed.name }}</b>, made {{ when(feed.createdAt) }}<template v-if="feed.revoked">,
          taken back</template><template v-else-if="feed.readAt">, read last
          {{ when(feed.readAt) }}</template><template v-else>, not read yet</template></span>
        <button
          v-if="!feed.revoked"
          type="button"
          class="btn"
          :disabled="busy"
          :aria-label="`Take the address of ${feed.name} back`"
          @click="emit('revoke', feed.id)"
        >
          Take it back
        </button>
      </li>
    </ul>
  </div>
</template>
