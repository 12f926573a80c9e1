import { isDevice } from './devices.js';

/** Addresses of the shop window: a public page of the shop, under the preview that shows it. */

/** How a moment of the store stands in an address: "now", or its figures. */
export function momentIn(value) {
  return value === '' ? 'now' : value.replaceAll('-', '').replace('T', '-').replace(':', '').slice(0, 13);
}

/** Where a look is previewed at a moment, and with what is tried on. */
export const previewAt = (preview, moment, trial = '') => `${preview}/${moment}${trial === '' ? '' : `~${trial}`}`;

/** The public address behind one of a preview. */
export const publicPath = (path) => path.replace(/^\/preview\/\d+\/[^/]+/, '');

/** The public address of a page without what only the preview's sample adds. */
export const withoutSample = (path) => path.replace(/[?&]cart=sample/, '');

/**
 * Which of the window's pages an address shows.
 *
 * @param path public, with its query
 * @param shop where the shop's addresses begin
 * @param pages [{ key, path }]
 * @return ?string its key
 */
export function pageAt(path, shop, pages) {
  const inShop = path.startsWith(shop) ? path.slice(shop.length) : path;
  return pages.find((page) => page.path === inShop)?.key ?? null;
}

const VIEWS = ['devices', 'pages', 'then'];

/**
 * What an address of the workbench says of the window.
 *
 * @param search its query
 * @return { page?, device?, isTurned?, view?, at? }; what cannot be is left out
 */
export function placeIn(search) {
  const asked = new URLSearchParams(search);
  const place = {};
  if (/^(\/(?!.*\.\.)|[a-z-]+$)/.test(asked.get('page') ?? '')) place.page = asked.get('page');
  if (isDevice(asked.get('device') ?? '')) place.device = asked.get('device');
  if (asked.get('turned') === 'yes') place.isTurned = true;
  if (VIEWS.includes(asked.get('view'))) place.view = asked.get('view');
  if (/^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(asked.get('at') ?? '')) place.at = asked.get('at');
  return place;
}
