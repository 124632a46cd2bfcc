import Bowser from 'bowser'

const LONGEST = 256

/** What kind of device a browser says it is, in a few words: "Firefox on Android". */
export function deviceName(userAgent: string | undefined): string {
  if (!userAgent) return 'A device that does not say'
  const { browser, os } = Bowser.parse(userAgent.slice(0, LONGEST))
  const words = [browser.name, os.name].filter(Boolean)
  return words.length > 0 ? words.join(' on ') : 'A device that does not say'
}
