// The find box: a list under a field, walked with the arrow keys.
import Combobox from '@github/combobox-nav';
import { keepEdit } from './keep-edit.js';

export function startFind(shopWindow, opening) {
  const box = document.querySelector('[data-find]');
  const field = box.querySelector('input');
  const list = box.querySelector('ul');
  const combobox = new Combobox(field, list, { tabInsertsSuggestions: false, firstOptionSelectionMode: 'selected' });

  const close = () => {
    combobox.stop();
    list.hidden = true;
  };

  function go({ target }) {
    close();
    field.value = '';
    if (target.startsWith('page:')) shopWindow.open(target.slice(5));
    else if (target.startsWith('press:')) document.querySelector(`[data-press="${target.slice(6)}"]`)?.click();
    else if (target.startsWith('set:')) {
      const [path, value] = target.slice(4).split('=');
      keepEdit(path, value);
    } else opening.open(target, { takesFocus: true, isShown: true });
  }

  list.addEventListener('htmx:afterSwap', () => {
    combobox.stop();
    list.hidden = false;
    combobox.start();
  });
  list.addEventListener('combobox-commit', (event) => go(event.target.dataset));
  field.addEventListener('input', () => { if (field.value.trim() === '') close(); });
  field.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape') return;
    close();
    field.value = '';
  });
  // A click on the list keeps the focus in the field, so that leaving it means leaving the box.
  list.addEventListener('pointerdown', (event) => event.preventDefault());
  field.addEventListener('blur', close);
}
