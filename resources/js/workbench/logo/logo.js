// The logo's boards: a file dropped or pasted, the corner dragged to size it, the part of it that is the mark.
import { drag } from '../shell/dragging.js';
import { keepEdits } from '../shell/keep-edit.js';

export function startLogo() {
  const bench = document.querySelector('#bench');
  const drop = () => bench.querySelector('[data-drop]');

  function give(files) {
    const input = drop()?.querySelector('input[type=file]');
    if (!input || files.length === 0) return false;
    const transfer = new DataTransfer();
    transfer.items.add(files[0]);
    input.files = transfer.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
    return true;
  }
  for (const kind of ['dragenter', 'dragover']) {
    bench.addEventListener(kind, (event) => { if (drop()?.contains(event.target)) { event.preventDefault(); drop().classList.add('is-over'); } });
  }
  bench.addEventListener('dragleave', (event) => { if (drop()?.contains(event.target)) drop().classList.remove('is-over'); });
  bench.addEventListener('drop', (event) => {
    if (!drop()?.contains(event.target)) return;
    event.preventDefault();
    drop().classList.remove('is-over');
    give([...event.dataTransfer.files]);
  });
  document.addEventListener('paste', (event) => {
    const files = [...(event.clipboardData?.files ?? [])];
    if (drop() && files.length > 0 && give(files)) event.preventDefault();
  });

  // The corner of the logo on the header: dragged, it moves the size setting, which shows everywhere at once.
  bench.addEventListener('pointerdown', (event) => {
    const grip = event.target.closest('[data-grip]');
    if (!grip) return;
    const range = bench.querySelector(`#c-header-logo-size-${grip.closest('[data-board]').dataset.board}`);
    const from = event.clientY;
    const first = Number(range.value);
    const ratio = grip.parentElement.querySelector('img') ? 1.55 : 1.15;
    const move = (e) => {
      range.value = Math.round(first + (e.clientY - from) / ratio);
      range.dispatchEvent(new Event('input', { bubbles: true }));
    };
    drag(event, grip, { move, end: () => range.dispatchEvent(new Event('change', { bubbles: true })) });
  });

  // The mark: a square frame on the logo, moved with the pointer; the ranges beside it do the same by key.
  const value = (key) => Number(bench.querySelector(`#c-icon-${key}`)?.value ?? 0);
  function frame() {
    const mark = bench.querySelector('[data-region-frame]');
    const image = mark?.parentElement.querySelector('img');
    if (!image) return;
    const side = (image.clientHeight * value('size')) / 100;
    Object.assign(mark.style, { left: `${(image.clientWidth * value('x')) / 100}px`, top: `${(image.clientHeight * value('y')) / 100}px`, width: `${side}px`, height: `${side}px` });
  }
  bench.addEventListener('pointerdown', (event) => {
    const board = event.target.closest('[data-region]');
    if (!board) return;
    const image = board.querySelector('img').getBoundingClientRect();
    const side = (image.height * value('size')) / 100;
    const place = (e) => {
      const x = Math.max(0, Math.min(image.width - side, e.clientX - image.left - side / 2));
      const y = Math.max(0, Math.min(image.height - side, e.clientY - image.top - side / 2));
      bench.querySelector('#c-icon-x').value = Math.round((100 * x) / image.width);
      bench.querySelector('#c-icon-y').value = Math.round((100 * y) / image.height);
      frame();
    };
    place(event);
    drag(event, board, { move: place, end: () => keepEdits({ 'icon.x': bench.querySelector('#c-icon-x').value, 'icon.y': bench.querySelector('#c-icon-y').value }) });
  });
  bench.addEventListener('input', (event) => { if (event.target.id?.startsWith('c-icon-')) frame(); });
  document.body.addEventListener('htmx:afterSettle', frame);
  bench.addEventListener('load', frame, true);
  frame();
}
