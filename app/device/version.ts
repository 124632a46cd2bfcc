import { shallowRef } from 'vue'

/** Takes a newer version of the application into use; null while there is none. The page starts anew with it. */
export const newerVersion = shallowRef<(() => void) | null>(null)
