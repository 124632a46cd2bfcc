import { getRequestHeader, getResponseHeader, setResponseHeader } from 'h3'
import { defineNitroPlugin } from 'nitropack/runtime'
import { compressAnswer } from '../utils/compressAnswer'

/** Answers and pages go packed; files of the build lie packed already. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    const { body } = response
    const isPlain = typeof body === 'string' || Array.isArray(body) || body?.constructor === Object
    if (!isPlain || getResponseHeader(event, 'content-encoding')) return
    setResponseHeader(event, 'vary', 'accept-encoding, sec-fetch-site')
    const asked = {
      accepts: getRequestHeader(event, 'accept-encoding'), site: getRequestHeader(event, 'sec-fetch-site'),
    }
    const packed = await compressAnswer(asked, typeof body === 'string' ? body : JSON.stringify(body))
    if (!packed) return
    if (typeof body !== 'string') setResponseHeader(event, 'content-type', 'application/json')
    setResponseHeader(event, 'content-encoding', packed.encoding)
    response.body = packed.body
  })
})
