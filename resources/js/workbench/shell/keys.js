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

export function startKeys() {
  document.addEventListener('keydown', rove);
  const press = (name) => document.querySelector(`[data-press="${name}"]:not(:disabled)`)?.click();
  document.addEventListener('keydown', (event) => {
    const typing = event.target.matches?.('input:not([type=range]):not([type=checkbox]), textarea, select, [contenteditable]');
    const command = event.ctrlKey || event.metaKey;
    if ((event.key === '/' && !typing) || (command && event.key.toLowerCase() === 'k')) {
      event.preventDefault();
      document.querySelector('#find').focus();
    } else if (command && !typing && event.key.toLowerCase() === 'z') {
      event.preventDefault();
      press(event.shiftKey ? 'redo' : 'undo');
    } else if ((event.key === 'Enter' || event.key === ' ') && event.target.closest?.('[data-press-keys]')) {
      event.preventDefault();
      event.target.closest('[data-press-keys]').dispatchEvent(new MouseEvent('click', { bubbles: true }));
    } else if (event.key === 'Escape') {
      document.querySelectorAll('header details[open]').forEach((d) => { d.open = false; });
    }
  });
}
