// A simulated mail outbox: takes mail over SMTP on loopback and shows it in the browser. Nothing leaves the machine.
// SMTP_PORT and HTTP_PORT say where to listen; OUTBOX_FILE keeps the mails over a restart.
import { appendFileSync, existsSync, readFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { simpleParser } from 'mailparser'
import { SMTPServer } from 'smtp-server'

const KEPT = 200
const file = process.env.OUTBOX_FILE
const mails = []
if (file && existsSync(file)) {
  for (const text of readFileSync(file, 'utf8').split('\n').filter(Boolean)) mails.push(JSON.parse(text))
}

/** A mail is sent once, however often it arrives: a sender that was killed sends it again under the same id. */
function keep(mail) {
  if (mails.some(m => m.id === mail.id)) return
  mails.push(mail)
  if (mails.length > KEPT) mails.shift()
  if (file) appendFileSync(file, `${JSON.stringify(mail)}\n`, { mode: 0o600 })
}

const smtp = new SMTPServer({
  authOptional: true,
  disabledCommands: ['STARTTLS', 'AUTH'],
  size: 1_000_000,
  onData(stream, _session, done) {
    simpleParser(stream).then((mail) => {
      keep({
        id: mail.messageId ?? String(Date.now()), at: new Date().toISOString(), to: mail.to?.text ?? '',
        subject: mail.subject ?? '',
        text: mail.text ?? '',
      })
      done()
    }, done)
  },
})
smtp.on('error', error => process.stderr.write(`outbox: ${error.message}\n`))

const escape = text => text.replace(/[&<>"]/g, c => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c])
const withLinks = text => escape(text).replace(/https?:\/\/[^\s<]+/g, url => `<a href="${url}">${url}</a>`)

function page() {
  const items = [...mails].reverse().map(mail => `<article><h2>${escape(mail.subject)}</h2>
    <p><b>To</b> ${escape(mail.to)} · ${escape(mail.at)}</p><pre>${withLinks(mail.text)}</pre></article>`).join('')
  return `<!doctype html><html lang="en"><meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Simulated outbox</title><style>
    body { background: #f1ece1; color: #1f2a30; font: 16px/1.5 sans-serif;
      max-width: 46rem; margin: 2rem auto; padding: 0 1rem }
    article { background: #fbf8f1; border-top: 3px solid #1f2a30; padding: 1rem; margin: 1rem 0 } h2 { margin: 0 }
    pre { white-space: pre-wrap; overflow-wrap: anywhere; font: inherit }</style>
    <h1>Simulated outbox</h1><p>Mail of this installation ends here. Set SMTP_URL to send it for real.</p>
    ${items || '<p>No mail yet.</p>'}</html>`
}

const web = createServer((request, response) => {
  const headers = { 'cache-control': 'no-store', 'x-content-type-options': 'nosniff', 'referrer-policy': 'no-referrer' }
  if (request.url === '/mails') {
    response.writeHead(200, { ...headers, 'content-type': 'application/json' })
    response.end(JSON.stringify(mails))
    return
  }
  response.writeHead(200, {
    ...headers, 'content-type': 'text/html; charset=utf-8',
    'content-security-policy': 'default-src \'none\'; style-src \'unsafe-inline\'',
  })
  response.end(page())
})

smtp.listen(Number(process.env.SMTP_PORT), '127.0.0.1')
web.listen(Number(process.env.HTTP_PORT), '127.0.0.1')
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    smtp.close()
    web.close()
    process.exit(0)
  })
}
