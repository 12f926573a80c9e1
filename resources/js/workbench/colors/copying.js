// A color is copied from the bench and pasted to another: as text, so that it comes from and goes to anywhere.
import { keepEdit } from '../shell/keep-edit.js';
import { isTyping } from '../shell/keys.js';
import { announce } from '../shell/announce.js';

export function startCopying() {
  const bench = document.querySelector('#bench');
  const picker = () => bench.querySelector('[data-picker]');
  const isMeant = () => bench.contains(document.activeElement) && !isTyping(document.activeElement) && document.getSelection().isCollapsed && picker();

  document.addEventListener('copy', (event) => {
    if (!isMeant()) return;
    event.preventDefault();
    const { value } = picker().dataset;
    event.clipboardData.setData('text/plain', value);
    announce(`${value} copied.`);
  });
  // What is no color is refused by the server, beside the field, with what to do.
  document.addEventListener('paste', (event) => {
    if (!isMeant() || picker().dataset.locked !== '') return;
    event.preventDefault();
    keepEdit(picker().dataset.path, event.clipboardData.getData('text/plain').trim().slice(0, 100));
  });
}
