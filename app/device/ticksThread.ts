/** Says that so many milliseconds have passed, once for each time it is asked: who is slow is not told more often. */
addEventListener('message', ({ data }: MessageEvent<number>) => {
  setTimeout(() => postMessage(null), data)
})
