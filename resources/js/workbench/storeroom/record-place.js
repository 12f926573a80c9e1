// Where a record is open: on the bench of the Storeroom, or over that of another step.
import htmx from 'htmx.org';

export const placeOf = (element) => element.closest('[data-record-place]');

/** What a write from a place says of it: what is open there. */
const stateOf = (place) => (place.hasAttribute('hx-vals') ? JSON.parse(place.getAttribute('hx-vals')) : Object.fromEntries(new FormData(document.querySelector('#state'))));

/** Asks for something from an element of a place; the answer stands in the place. */
export function askFrom(element, verb, address, values) {
  const place = placeOf(element);
  return htmx.ajax(verb, address, { source: element, target: place.dataset.target, swap: 'morph:innerHTML', values: { ...stateOf(place), ...values } });
}
