import { getCurrentInstance, onMounted, ref, watch } from 'vue'
import { forget, keep, kept } from '~/device/kept'

const textOf = (words: object): string => JSON.stringify(words)

/**
 * What is typed into (words, a reactive object) and not sent yet, kept on this device under (key): it survives reload,
 * crash and an ended session. A key that names the version the words start from never meets other ground.
 */
export function useDraft(key: string, words: object, start: () => object = fixed(words)) {
  const restored = ref(false)
  function restore(): void {
    const draft = kept<object>(key)
    if (!draft || textOf(draft) === textOf(start())) return
    Object.assign(words, draft)
    restored.value = true
  }
  // A page that the server has drawn knows nothing of this device: it is completed before it is changed.
  if (getCurrentInstance()) onMounted(restore)
  else restore()
  watch(words, () => {
    if (textOf(words) === textOf(start())) forget(key)
    else keep(key, words)
  }, { deep: true })

  /** As if nothing had been typed. */
  function startOver(): void {
    Object.assign(words, JSON.parse(textOf(start())) as object)
    restored.value = false
    forget(key)
  }
  return { restored, startOver, sent: (): void => forget(key) }
}

/** The words as they are now, whatever becomes of them. */
function fixed(words: object): () => object {
  const text = textOf(words)
  return () => JSON.parse(text) as object
}
