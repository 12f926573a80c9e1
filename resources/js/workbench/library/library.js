// The picture library: a dialog over the bench. Its contents come from the server; this opens and closes it.
import htmx from 'htmx.org';

export function startLibrary(shopWindow) {
  const dialog = document.querySelector('#library');
  const content = dialog.querySelector('#library-content');
  let opener = null;

  document.body.addEventListener('click', (event) => {
    const button = event.target.closest('[data-library]');
    if (button) {
      opener = button.id || null;
      const state = Object.fromEntries(new FormData(document.querySelector('#state')));
      htmx.ajax('GET', dialog.dataset.url, { target: content, swap: 'innerHTML', values: { ...state, for: button.dataset.library } }).then(() => { if (!dialog.open) dialog.showModal(); });
    } else if (event.target.closest('[data-close-library]') || event.target === dialog) dialog.close();
  });
  dialog.addEventListener('close', () => { (opener && document.getElementById(opener))?.focus(); content.replaceChildren(); });
  document.body.addEventListener('ikat:edited', () => { if (dialog.open) dialog.close(); });
  document.body.addEventListener('ikat:pictures', () => shopWindow.reload());

  // The point that must stay in sight: pressed on the picture, or set with the two ranges.
  const place = () => {
    const mark = content.querySelector('[data-focus-mark]');
    if (!mark) return;
    mark.style.left = `${mark.dataset.x}%`;
    mark.style.top = `${mark.dataset.y}%`;
  };
  function point(x, y) {
    const mark = content.querySelector('[data-focus-mark]');
    for (const [axis, value] of [['x', x], ['y', y]]) {
      const rounded = Math.max(0, Math.min(100, Math.round(value / 5) * 5));
      mark.dataset[axis] = rounded;
      const range = content.querySelector(`#focus-${axis}`);
      range.value = rounded;
      content.querySelector(`label[for=focus-${axis}] output`).textContent = `${rounded}%`;
    }
    place();
  }
  content.addEventListener('pointerdown', (event) => {
    const board = event.target.closest('[data-focus-board]');
    if (!board) return;
    const box = board.getBoundingClientRect();
    point(((event.clientX - box.left) / box.width) * 100, ((event.clientY - box.top) / box.height) * 100);
  });
  content.addEventListener('input', (event) => {
    if (event.target.matches('#focus-x, #focus-y')) point(Number(content.querySelector('#focus-x').value), Number(content.querySelector('#focus-y').value));
  });
  document.body.addEventListener('htmx:afterSettle', place);
}
