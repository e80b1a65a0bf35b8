import { registerSW } from "virtual:pwa-register";

/** What the service worker keeps of the program's answers, see vite.config.ts. */
export const KEPT_ANSWERS = "outdoors";

/** Lets the pages for outdoors open without a signal, where the browser trusts the address. */
export function keepPagesForOutdoors(): void {
  if ("serviceWorker" in navigator && window.isSecureContext) registerSW({ immediate: false });
}

/** On signing out nothing of the gardens stays in this browser. */
export async function forgetAnswers(): Promise<void> {
  if ("caches" in window) await caches.delete(KEPT_ANSWERS);
}
