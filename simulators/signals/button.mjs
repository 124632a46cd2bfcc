/** A stopwatch button. Acting: is pressed once. */
export function button() {
  const presses = new Set()
  return {
    kind: 'button', name: 'button-1', hz: 0, noiseAtFault: 0, jumpAtFault: 0,
    onPress: press => presses.add(press),
    offPress: press => presses.delete(press),
    act: () => { for (const press of presses) press() },
    valueAt: () => 0,
  }
}
