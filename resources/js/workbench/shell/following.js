// The window follows the work: what is opened on the bench comes into sight there, and is marked for a moment.
export function startFollowing(shopWindow, opening) {
  const state = () => document.querySelector('#state');
  const stepOf = () => state().querySelector('[name=step]').value;
  /** Step => the page the merchant last chose there: coming back to the step leads to it again. */
  const pages = new Map();
  let followed = '';
  let step = '';

  function follow(address) {
    const place = state().dataset.shows ?? '';
    const isOther = stepOf() !== step;
    step = stepOf();
    if (place === followed && !isOther) return;
    followed = place;
    if (opening.isOfWindow(address)) return;
    shopWindow.bring(place === '' ? null : JSON.parse(place), isOther && !address.includes('?') ? pages.get(step) ?? null : null);
  }
  document.body.addEventListener('htmx:afterSettle', (event) => follow(event.detail.pathInfo?.requestPath ?? ''));
  document.body.addEventListener('ikat:placed', ({ detail }) => { if (detail.isByHand) pages.set(step, shopWindow.place().page); });

  // An address that names a page leads to it, and not to where its step would begin.
  const named = new URLSearchParams(location.search).get('page');
  if (named !== null && named !== JSON.parse(state().dataset.shows ?? 'null')?.page) {
    step = stepOf();
    pages.set(step, named);
    step = '';
  }
  follow('');
}
