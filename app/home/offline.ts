/** The page stays open without a connection, from the first visit on; where it is not served safely, it cannot. */
export async function keepOffline(): Promise<void> {
  if (!('serviceWorker' in navigator)) return
  try {
    await navigator.serviceWorker.register('/p/worker.js', { scope: '/p/' })
    await navigator.serviceWorker.ready
    // the page that is open came before there was anything to keep it
    if (!navigator.serviceWorker.controller)
      await new Promise((resolve) =>
        navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
      )
    await fetch(location.href)
  } catch {
    // it works with a connection alone
  }
}
