// The window follows the work: what is opened on the bench comes into sight there, and is marked for a moment.
import { inTools } from './tools.js';

export function startFollowing(shopWindow, opening) {
  const state = () => document.querySelector('#state');
  const stepOf = () => state().querySelector('[name=step]').value;
  /** Step => the page the merchant last chose there: coming back to the step leads to it again. */
  const pages = new Map();
  let followed = '';
  let step = '';

  /** @param address what was asked for: one that names a page leads to it, one without a query to the page the step was left at */
  function follow(address) {
    const place = state().dataset.shows ?? '';
    const isOther = stepOf() !== step;
    const wasPicked = opening.wasPicked(address);
    step = stepOf();
    if (place === followed && !isOther) return;
    followed = place;
    if (wasPicked) return;
    const named = new URL(address, location.href).searchParams.get('page');
    shopWindow.bring(place === '' ? null : JSON.parse(place), named ?? (isOther && !address.includes('?') ? pages.get(step) ?? null : null));
  }
  /** The language that is spoken of: the window reads the shop in it from when it becomes another. */
  let spoken = '';
  function speak() {
    const of = inTools('[data-speaks]')[0]?.dataset.speaks ?? spoken;
    if (of === spoken) return;
    spoken = of;
    shopWindow.speak(of);
  }
  document.body.addEventListener('htmx:afterSettle', (event) => {
    speak();
    follow(event.detail.pathInfo?.requestPath ?? '');
  });
  document.body.addEventListener('ikat:placed', ({ detail }) => { if (detail.isByHand) pages.set(step, shopWindow.place().page); });
  speak();
  follow(location.pathname + location.search);
}
