/// <reference types="vite/client" />
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createApp, createRouter, toNodeListener, type EventHandler } from 'h3'
import { closeRuntime, useRuntime } from './runtime'
import type { NamedRoute } from './defineRoute'

/** Every route file by the name its place gives it. */
export function routeFiles(): Map<string, NamedRoute> {
  const files = import.meta.glob<{ default: NamedRoute }>('../api/**/*.ts', { eager: true })
  return new Map(Object.entries(files).filter(([file]) => !file.includes('[...')).map(([file, module]) => {
    const [, path, method] = /^\.\.\/api\/(.+)\.(get|post|put|delete)\.ts$/.exec(file)!
    const address = path!.replace(/\/index$/, '').replace(/\[(\w+)\]/g, ':$1')
    return [`${method!.toUpperCase()} /api/${address}`, module.default]
  }))
}

/** The routes served in this process over a test database, as the application role. */
export async function serveRoutes(
  ownerUrl: string, appUrl: string,
): Promise<{ url: string, close: () => Promise<void> }> {
  Object.assign(process.env, {
    DATABASE_URL: ownerUrl, DATABASE_APP_URL: appUrl, SESSION_PASSWORD: 'only-for-the-tests-of-the-routes-here',
    LOG_LEVEL: 'silent',
  })
  const middleware = import.meta.glob<{ default: EventHandler }>('../middleware/*.ts', { eager: true })
  const app = createApp()
  for (const module of Object.values(middleware)) app.use(module.default)
  const router = createRouter()
  for (const [name, handler] of routeFiles()) {
    const [method, path] = name.split(' ') as [string, string]
    router.add(path, handler, method.toLowerCase() as 'get')
  }
  app.use(router)
  await useRuntime().ready
  const server: Server = createServer(toNodeListener(app))
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    close: async () => {
      server.closeAllConnections()
      await new Promise(resolve => server.close(resolve))
      await closeRuntime()
    },
  }
}
