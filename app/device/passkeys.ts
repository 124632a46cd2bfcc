/** Whether this browser can keep a key for this site: with a lock of its own, over a safe line, and by a name. */
export function passkeysHere(): boolean {
  if (typeof window === 'undefined' || !window.isSecureContext || !('PublicKeyCredential' in window)) return false
  return !/^[\d.]+$|:/.test(window.location.hostname)
}
