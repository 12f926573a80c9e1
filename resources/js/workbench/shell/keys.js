// Keys that work everywhere on the workbench.

/** A row of many buttons is one stop of the Tab key; the arrow keys go along it. */
function rove(event) {
  const row = event.target.closest?.('[data-roving]');
  if (!row) return;
  if (event.target.matches('input')) return;
  const buttons = [...row.querySelectorAll('button')];
  const now = buttons.indexOf(event.target.closest('button'));
  const to = { ArrowRight: now + 1, ArrowDown: now + 1, ArrowLeft: now - 1, ArrowUp: now - 1, Home: 0, End: buttons.length - 1 }[event.key];
  if (to === undefined || !buttons[to]) return;
  event.preventDefault();
  buttons.forEach((b, i) => { b.tabIndex = i === to ? 0 : -1; });
  buttons[to].focus();
}

/** Regions of the workbench, in the order F6 goes through them. */
const REGIONS = ['header.bar', '#steps', '#sheet', '[data-window]', '#bench', '#tape'];

/** Goes to the next region, or the one before: to what had the focus there, or its first control. */
function goRegion(by) {
  const regions = REGIONS.map((selector) => document.querySelector(selector));
  const now = regions.findIndex((region) => region.contains(document.activeElement));
  for (let i = 1; i <= regions.length; i += 1) {
    const region = regions[(Math.max(now, by > 0 ? -1 : 0) + by * i + 2 * regions.length) % regions.length];
    const first = [region, ...region.querySelectorAll('iframe[tabindex="0"], a[href], button:not(:disabled), summary, input:not([type=hidden]), select, [tabindex="0"]')]
      .find((each) => (region.matches('[data-window]') ? each.localName === 'iframe' : each !== region) && each.checkVisibility());
    if (first) return first.focus();
  }
}

/** Keys that mean the same wherever one is: in the shop window, too. */
const isForAll = (event) => event.key === 'F6' || event.key === 'F8' || (event.key === '?' || event.key === '/') || ((event.ctrlKey || event.metaKey) && ['z', 'k'].includes(event.key.toLowerCase()));

/** Whether keys are for writing where they go. */
export const isTyping = (target) => target.matches?.('input:not([type=range], [type=checkbox], [type=radio]), textarea, select, [contenteditable]:not([contenteditable=false])');

/** Hands keys of a page of the window on to the workbench; what is typed there stays there. */
export function handOn(doc) {
  doc.addEventListener('keydown', (event) => {
    if (!isForAll(event) || isTyping(event.target)) return;
    event.preventDefault();
    const { key, code, ctrlKey, metaKey, shiftKey } = event;
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, code, ctrlKey, metaKey, shiftKey, bubbles: true, cancelable: true }));
  });
}

/** What is opened over the workbench, and is done with when one goes on elsewhere. */
const OVERLAYS = 'header details[open], #tape details[open]';

export function startKeys() {
  document.addEventListener('keydown', rove);
  document.addEventListener('pointerdown', ({ target }) => document.querySelectorAll(OVERLAYS).forEach((each) => { if (!each.contains(target)) each.open = false; }));
  const list = document.querySelector('#keys');
  const press = (name) => document.querySelector(`[data-press="${name}"]:not(:disabled)`)?.click();
  document.addEventListener('keydown', (event) => {
    const typing = isTyping(event.target);
    const command = event.ctrlKey || event.metaKey;
    if ((event.key === '/' && !typing) || (command && event.key.toLowerCase() === 'k')) {
      event.preventDefault();
      document.querySelector('#find').focus();
    } else if (event.key === '?' && !typing) {
      event.preventDefault();
      list.showModal();
    } else if (event.key === 'F6') {
      event.preventDefault();
      goRegion(event.shiftKey ? -1 : 1);
    } else if (event.key === 'F8') {
      event.preventDefault();
      press('fold');
    } else if (command && !typing && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      press(event.shiftKey ? 'redo' : 'undo');
    } else if ((event.key === 'Enter' || event.key === ' ') && event.target.closest?.('[data-press-keys]')) {
      event.preventDefault();
      event.target.closest('[data-press-keys]').dispatchEvent(new MouseEvent('click', { bubbles: true }));
    } else if (event.key === 'Escape') {
      document.querySelectorAll(OVERLAYS).forEach((d) => { d.open = false; });
    }
  });
  document.body.addEventListener('click', (event) => {
    if (event.target.closest('[data-press=keys]')) list.showModal();
    else if (event.target.closest('[data-close-keys]') || event.target === list) list.close();
  });
}
