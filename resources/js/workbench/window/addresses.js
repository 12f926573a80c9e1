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

/** The public address without the language it is read in, which stands after the shop: none for the first. */
export function unspoken(path, shop) {
  const found = path.startsWith(`${shop}/`) ? /^\/([a-z]{2})(\/[^?#]*|(?=[?#]|$))/.exec(path.slice(shop.length)) : null;
  if (!found) return { language: '', path };
  return { language: found[1], path: shop + (found[2] || '/') + path.slice(shop.length + found[0].length) };
}

/** The public address of a page of the shop in a language. */
export const spoken = (page, shop, language) => (language === '' ? shop + page : `${shop}/${language}${page === '/' ? '' : page}`);

/**
 * Which of the window's pages an address shows.
 *
 * @param path public, with its query
 * @param shop where the shop's addresses begin
 * @param pages [{ key, path }]
 * @return ?string its key
 */
export function pageAt(path, shop, pages) {
  const { path: plain } = unspoken(path, shop);
  const inShop = plain.startsWith(shop) ? plain.slice(shop.length) : plain;
  return pages.find((page) => page.path === inShop)?.key ?? null;
}

const VIEWS = ['devices', 'pages', 'then'];

/**
 * What an address of the workbench says of the window.
 *
 * @param search its query
 * @return { page?, device?, isTurned?, language?, view?, at? }; what cannot be is left out
 */
export function placeIn(search) {
  const asked = new URLSearchParams(search);
  const place = {};
  if (/^(\/(?!.*\.\.)|[a-z-]+$)/.test(asked.get('page') ?? '')) place.page = asked.get('page');
  if (isDevice(asked.get('device') ?? '')) place.device = asked.get('device');
  if (asked.get('turned') === 'yes') place.isTurned = true;
  if (/^[a-z]{2}$/.test(asked.get('language') ?? '')) place.language = asked.get('language');
  if (VIEWS.includes(asked.get('view'))) place.view = asked.get('view');
  if (/^\d{4}-\d\d-\d\dT\d\d:\d\d$/.test(asked.get('at') ?? '')) place.at = asked.get('at');
  return place;
}
