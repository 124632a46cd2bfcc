import { defineStore } from 'pinia'
import { isLive, whenTold } from '~/api/live'

/** Whether the server tells this browser of changes at once, and who here wants to hear of which. */
export const useLiveStore = defineStore('live', () => ({ isLive, whenTold }))
