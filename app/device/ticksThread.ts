/** Says every so many milliseconds that they have passed. */
addEventListener('message', ({ data }: MessageEvent<number>) => {
  setInterval(() => postMessage(null), data)
})
