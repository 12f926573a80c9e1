import { publicPath } from './addresses.js';

/** Where a frame is; one whose first page has not come yet is where it goes. */
export const whereIs = (frame) => (frame.contentWindow.location.href === 'about:blank' ? new URL(frame.src) : frame.contentWindow.location);

/** The public address, with its query, of the page a frame shows. */
export const placeOf = (frame) => publicPath(whereIs(frame).pathname) + whereIs(frame).search;

/**
 * Links and forms of the shop lead to public addresses; in the window they stay in the preview.
 *
 * @param context { shop, preview: () => where this frame's preview begins, previews: where all do, busy(frame, is) }
 */
export function keepInside(frame, { shop, preview, previews, busy }) {
  const doc = frame.contentDocument;
  doc.addEventListener('click', (event) => {
    const link = event.target.closest?.('a[href]');
    if (!link || link.getAttribute('href').startsWith('#')) return;
    event.preventDefault();
    const url = new URL(link.href, doc.baseURI);
    // What is no page of the shop, a document or the web elsewhere, is seen beside the workbench.
    const isOurs = url.origin === location.origin && url.pathname.startsWith(shop);
    if (isOurs ? /\/document\/[^/]+$/.test(url.pathname) : /^https?:$/.test(url.protocol)) {
      window.open(url, '_blank', 'noopener');
      return;
    }
    if (!isOurs) return;
    // A way to another place of the same page reads nothing anew.
    busy(frame, url.pathname + url.search !== placeOf(frame));
    // The way back is the workbench's: a page of the frame is no step of it by itself.
    frame.contentWindow.location.replace(preview() + url.pathname + url.search + url.hash);
  });
  doc.addEventListener('submit', (event) => {
    const form = event.target;
    const action = new URL(form.getAttribute('action') || frame.contentWindow.location.pathname, doc.baseURI).pathname;
    if (!action.startsWith(previews)) form.action = preview() + action;
  }, true);
}
