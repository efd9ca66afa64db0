/** What stands between the page and the server, so that Foxing opens without it: the built application, and photos once seen. */
import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, createHandlerBoundToURL, type PrecacheEntry, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { CacheFirst } from 'workbox-strategies';

/** Put in by the build: every file of the application. */
declare const BUILT: PrecacheEntry[];
declare const self: { skipWaiting(): Promise<void> };

void self.skipWaiting();
clientsClaim();
precacheAndRoute(BUILT);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));
// A photo never changes under its name.
registerRoute(
  /\/api\/cases\/[^/]+\/photos\//,
  new CacheFirst({ cacheName: 'photos', plugins: [new ExpirationPlugin({ maxEntries: 300 })] }),
);
