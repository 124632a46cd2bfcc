<script setup lang="ts">
import type { EntryKind, SeasonShape } from '~~/core/season'
import ModalDialog from '~/components/common/ModalDialog.vue'
import EntryForm from '~/components/season/EntryForm.vue'
import FeedList from '~/components/season/FeedList.vue'
import ReadCalendarForm from '~/components/season/ReadCalendarForm.vue'
import ShapeForm from '~/components/season/ShapeForm.vue'
import KeysHelp from '~/components/week/KeysHelp.vue'
import type { SeasonDialog } from '~/words/seasonDialog'
import type { KeyAction } from '~/composables/useSingleKeys'
import type { CalendarFeed, CalendarFound, EntryInput, FoundEntry } from '~~/shared/types'

/** What the season page asks, one at a time. */
defineProps<{
  dialog: SeasonDialog | null
  shape: SeasonShape
  zones: readonly string[]
  shared: boolean
  found: CalendarFound | null
  feeds: readonly CalendarFeed[]
  feedChoices: readonly {
    readonly scope: CalendarFeed['scope']
    readonly subjectId: string | null
    readonly name: string
  }[]
  feedUrl: string
  busy: boolean
  problem: string
  fields: Readonly<Record<string, string>>
  actions: readonly KeyAction[]
  keysOn: boolean
}>()
const emit = defineEmits<{
  close: []
  put: [entry: EntryInput]
  cancel: [entryId: string]
  cancelDay: [entry: EntryInput, day: string]
  shape: [shape: SeasonShape]
  read: [source: { kind: EntryKind, text: string | null, url: string | null }]
  take: [found: readonly FoundEntry[]]
  addFeed: [scope: CalendarFeed['scope'], subjectId: string | null]
  revoke: [feedId: string]
  keys: [on: boolean]
}>()
const TITLES = {
  entry: 'In the calendar', shape: 'The season’s shape', read: 'Read a calendar', feeds: 'Calendar addresses',
  keys: 'Keys',
} as const
</script>

<template>
  <ModalDialog
    :open="dialog !== null"
    :title="dialog ? TITLES[dialog.kind] : ''"
    :wide="dialog !== null && dialog.kind !== 'feeds' && dialog.kind !== 'keys'"
    @close="emit('close')"
  >
    <EntryForm
      v-if="dialog?.kind === 'entry'"
      :key="dialog.entry.id"
      :entry="dialog.entry"
      :is-new="dialog.isNew"
      :day="dialog.day"
      :zones="zones"
      :shared="shared"
      @put="entry => emit('put', entry)"
      @cancel="emit('cancel', dialog.entry.id)"
      @cancel-day="day => dialog?.kind === 'entry' && emit('cancelDay', dialog.entry, day)"
    />
    <ShapeForm
      v-else-if="dialog?.kind === 'shape'"
      :shape="shape"
      :draft-key="`draft/season/${shape.startsOn}`"
      @put="next => emit('shape', next)"
    />
    <ReadCalendarForm
      v-else-if="dialog?.kind === 'read'"
      :found="found"
      :busy="busy"
      :problem="problem"
      :fields="fields"
      @read="source => emit('read', source)"
      @take="list => emit('take', list)"
    />
    <FeedList
      v-else-if="dialog?.kind === 'feeds'"
      :feeds="feeds"
      :choices="feedChoices"
      :url="feedUrl"
      :busy="busy"
      :problem="problem"
      @add="(scope, subjectId) => emit('addFeed', scope, subjectId)"
      @revoke="id => emit('revoke', id)"
    />
    <KeysHelp
      v-else-if="dialog?.kind === 'keys'"
      :actions="actions"
      :on="keysOn"
      @switch="on => emit('keys', on)"
    />
  </ModalDialog>
</template>
