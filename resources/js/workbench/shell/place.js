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
  let isGoingBack = false;

  function write(isNew) {
    if (address() !== here()) history[isNew ? 'pushState' : 'replaceState']({}, '', address());
    title();
  }
  document.body.addEventListener('htmx:afterSettle', () => {
    const now = state().dataset.address;
    const isStep = new URL(now, location.href).pathname !== new URL(open, location.href).pathname;
    write(now !== open && !isGoingBack);
    // After a change of step the bench begins at its top.
    if (isStep) document.querySelector('#bench').scrollTop = 0;
    open = now;
  });
  document.body.addEventListener('ikat:placed', ({ detail }) => write(detail.isByHand && !isGoingBack));
  addEventListener('popstate', async () => {
    isGoingBack = true;
    shopWindow.letGo();
    const { pathname, search } = location;
    await htmx.ajax('GET', pathname + search, { target: '#bench', swap: 'morph:innerHTML' });
    shopWindow.restore(search);
    sheet.restore(search);
    isGoingBack = false;
  });
  history.replaceState({}, '', address() + location.hash);
}
