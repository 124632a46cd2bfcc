import { getRequestHeader, getResponseHeader, getResponseStatus, setResponseHeader, setResponseStatus } from 'h3'
import { defineNitroPlugin } from 'nitropack/runtime'
import { compressAnswer, tagOf } from '../utils/compressAnswer'

/**
 * Answers and pages go packed; files of the build lie packed already. Of an answer that whoever asks still has only
 * that is said.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    const { body } = response
    const isPlain = typeof body === 'string' || Array.isArray(body) || body?.constructor === Object
    if (!isPlain || getResponseHeader(event, 'content-encoding')) return
    setResponseHeader(event, 'vary', 'accept-encoding, sec-fetch-site')
    const asked = {
      accepts: getRequestHeader(event, 'accept-encoding'), site: getRequestHeader(event, 'sec-fetch-site'),
    }
    const text = typeof body === 'string' ? body : JSON.stringify(body)
    if (typeof body !== 'string' && event.method === 'GET' && getResponseStatus(event) === 200) {
      const tag = tagOf(text)
      setResponseHeader(event, 'etag', tag)
      if (getRequestHeader(event, 'if-none-match') === tag) {
        setResponseStatus(event, 304)
        response.body = ''
        return
      }
    }
    const packed = await compressAnswer(asked, text)
    if (!packed) return
    if (typeof body !== 'string') setResponseHeader(event, 'content-type', 'application/json')
    setResponseHeader(event, 'content-encoding', packed.encoding)
    response.body = packed.body
  })
})
