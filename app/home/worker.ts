/// <reference lib="webworker" />
import { cleanupOutdatedCaches, type PrecacheEntry, precacheAndRoute } from 'workbox-precaching'
import { registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'

declare const self: ServiceWorkerGlobalScope
/** Files of the page, as the build called them (nuxt.config.ts). */
declare const HOME_FILES: PrecacheEntry[]

/** What keeps a pupil's page open without a connection: its files, the page as it was last, and what it has heard. */
precacheAndRoute(HOME_FILES)
cleanupOutdatedCaches()

/** Seconds after which a poor line is not waited for any longer. */
const PATIENCE = 4
/** A page that was closed is not kept. */
const forgetClosed = {
  fetchDidSucceed: async ({ request, response }: { request: Request; response: Response }) => {
    if (response.status === 404) await (await caches.open(PAGES)).delete(request)
    return response
  },
}
const PAGES = 'tactum pages'
registerRoute(
  ({ url }) => /^\/p\/[\w-]{22}(\/app\.webmanifest)?$/.test(url.pathname),
  new NetworkFirst({ cacheName: PAGES, networkTimeoutSeconds: PATIENCE, plugins: [forgetClosed] }),
)
// the program of the sound, once it was heard; every file of the build is named by its content
registerRoute(({ url }) => url.pathname.startsWith('/_nuxt/'), new CacheFirst({ cacheName: 'tactum program' }))

self.addEventListener('install', () => void self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
