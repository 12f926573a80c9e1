// Place is kept: what is open on the bench and in the window stands in the address. Back, a reload and a copied address lead to the same.
import htmx from 'htmx.org';

export function startPlace(shopWindow, sheet) {
  const state = () => document.querySelector('#state');
  const title = () => { document.title = `${document.querySelector('#bench h1').textContent} - Ikat`; };
  /** The address of what is open; the bench's part of it first. */
  function address() {
    const url = new URL(state().dataset.address, location.href);
    for (const [name, value] of Object.entries({ ...shopWindow.place(), ...sheet.place() })) url.searchParams.set(name, value);
    return url.pathname + url.search;
  }
  const here = () => location.pathname + location.search;
  let open = state().dataset.address;
  let stood = open;
  // Back may be pressed again before it has led anywhere: none of these ways makes a new entry, and the last alone is followed.
  let ways = 0;
  let last = 0;

  function write(isNew) {
    if (address() !== here()) history[isNew ? 'pushState' : 'replaceState']({}, '', address());
    title();
  }
  document.body.addEventListener('htmx:afterSettle', () => {
    const now = state().dataset.address;
    // After a change of step the bench begins at its top.
    if (new URL(now, location.href).pathname !== new URL(stood, location.href).pathname) document.querySelector('#bench').scrollTop = 0;
    stood = now;
    // While somebody goes back, what settles was asked for before: it would write over the entry that is gone to.
    if (ways > 0) return;
    write(now !== open);
    open = now;
  });
  document.body.addEventListener('ikat:placed', ({ detail }) => { if (ways === 0) write(detail.isByHand); });
  addEventListener('popstate', async () => {
    ways += 1;
    last += 1;
    const way = last;
    shopWindow.letGo();
    const { pathname, search } = location;
    try {
      await htmx.ajax('GET', pathname + search, { target: '#bench', swap: 'morph:innerHTML' });
      if (way === last) {
        // It has been gone back to, and is no new entry when it settles.
        open = state().dataset.address;
        shopWindow.restore(search);
        sheet.restore(search);
      }
    } finally {
      ways -= 1;
    }
  });
  history.replaceState({}, '', address() + location.hash);
}
