// Keys that work everywhere on the workbench.

export function startKeys() {
  const press = (name) => document.querySelector(`[data-press="${name}"]:not(:disabled)`)?.click();
  document.addEventListener('keydown', (event) => {
    const typing = event.target.matches?.('input:not([type=range]):not([type=checkbox]), textarea, select');
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
      document.querySelectorAll('details.pick[open]').forEach((d) => { d.open = false; });
    }
  });
}
