// Opening an address of the workbench on the bench: what was found, picked in the window, or gone back to.
import htmx from 'htmx.org';

export function startOpening(shopWindow, reach) {
  let last = 0;
  let ofWindow = null;

  /** The control an address names, marked and brought into sight. */
  function mark(url, takesFocus) {
    document.querySelectorAll('.control.is-found').forEach((each) => each.classList.remove('is-found'));
    const control = document.querySelector(url.hash || '#t-picker');
    control?.scrollIntoView({ block: 'center' });
    control?.closest('.control')?.classList.add('is-found');
    if (takesFocus) control?.focus();
    return control;
  }

  /** Shows in the window the first place of what was opened: on the page that is open, if it is on it. */
  async function show(path) {
    const { places, later, device } = await reach.ask(path) ?? { places: {}, later: {}, device: null };
    const shown = Object.keys(places).length > 0 ? places : later;
    const { page } = shopWindow.place();
    const at = shown[page] ? page : Object.keys(shown)[0];
    if (at) await shopWindow.visit(at, shown[at][0], device);
  }

  /**
   * @param how { takesFocus: whether its control takes the keys, isShown: whether the window goes where it shows }
   */
  async function open(address, { takesFocus = false, isShown = false } = {}) {
    const mine = ++last;
    const url = new URL(address, location.href);
    await htmx.ajax('GET', url.pathname + url.search, { target: '#bench', swap: 'morph:innerHTML' });
    if (mine !== last) return;
    const path = mark(url, takesFocus)?.closest('[data-reach]')?.dataset.reach;
    if (isShown && path) await show(path);
  }
  document.body.addEventListener('ikat:open', ({ detail: { address, takesFocus } }) => {
    const { pathname, search } = new URL(address, location.href);
    ofWindow = pathname + search;
    open(address, { takesFocus });
  });
  // A finding leads to its place in the shop and to the control that mends it.
  document.body.addEventListener('click', (event) => {
    const link = event.target.closest('a[data-open]');
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    open(link.href, { takesFocus: true, isShown: true });
  });
  // What is counted on the tape is opened from it.
  document.body.addEventListener('click', (event) => {
    const button = event.target.closest('[data-visit]');
    if (!button) return;
    if (button.dataset.element === '') shopWindow.open(button.dataset.visit);
    else shopWindow.visit(button.dataset.visit, Number(button.dataset.element));
  });
  if (location.hash) mark(new URL(location.href), false);

  return {
    open,
    /** Whether an address has just been opened by picking something in the window, which then stays where it is. */
    wasPicked(address) {
      const is = address === ofWindow;
      if (is) ofWindow = null;
      return is;
    },
  };
}
