// The picture library: it lies beside the bench, so that a picture is dragged to where it shall stand; or it is chosen by key.
import htmx from 'htmx.org';
import { announce } from '../shell/announce.js';
import { keepEdit } from '../shell/keep-edit.js';

const KIND = 'text/x-ikat-picture';

/** Gives a picture to a place that takes one. */
function give(place, name) {
  if (place.dataset.takesPicture === 'pictures') place.dispatchEvent(new CustomEvent('ikat:picture', { bubbles: true, detail: { name } }));
  else if (place.dataset.takesPicture === 'setting') keepEdit(place.closest('form').elements.path.value, name);
  else {
    const joins = place.dataset.takesPicture === 'picks';
    const field = joins ? place.closest('form').querySelector('[data-picks-value]') : place.querySelector('input');
    field.value = joins ? [...field.value.split(','), name].filter((each) => each !== '').join(',') : name;
    field.dispatchEvent(new Event('change', { bubbles: true }));
  }
}

export function startLibrary() {
  const { body } = document;
  const dialog = document.querySelector('#library');
  const content = dialog.querySelector('#library-content');
  const isWide = matchMedia('(min-width: 64rem)');
  let opener = null;

  const show = () => {
    if (dialog.open) return;
    // Beside the bench nothing is shut away; on a small screen it lies over everything.
    if (isWide.matches) dialog.show();
    else dialog.showModal();
    (dialog.querySelector('.library-thumb') ?? dialog.querySelector('[data-close-library]')).focus();
  };
  body.addEventListener('click', (event) => {
    const button = event.target.closest('[data-library]');
    if (button) {
      opener = button.id || null;
      const state = Object.fromEntries(new FormData(document.querySelector('#state')));
      htmx.ajax('GET', dialog.dataset.url, { target: content, swap: 'innerHTML', values: { ...state, for: button.dataset.library } }).then(() => {
        dialog.toggleAttribute('data-gives', takerOf() !== null);
        show();
      });
    } else if (event.target.closest('[data-close-library]') || event.target === dialog) dialog.close();
    const given = event.target.closest('[data-give]');
    if (given) {
      const place = takerOf();
      dialog.close();
      if (place) give(place, given.dataset.give);
    }
  });
  /** The place that was asked to be given a picture. */
  function takerOf() {
    return opener === null ? null : document.getElementById(opener)?.closest('form, [data-takes-picture]')?.closest('[data-takes-picture]') ?? null;
  }
  dialog.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') dialog.close();
  });
  dialog.addEventListener('close', () => { (opener && document.getElementById(opener))?.focus(); content.replaceChildren(); });
  // What was chosen stands where it shall: only what is dragged leaves the library open for more.
  let isChosen = false;
  content.addEventListener('submit', (event) => { isChosen = event.target.matches('[data-choose]'); }, true);
  body.addEventListener('ikat:edited', () => {
    if (isChosen || dialog.matches(':modal')) dialog.close();
    isChosen = false;
  });

  const placeAt = (target) => target.closest?.('[data-takes-picture]') ?? target.closest?.('td:has(.way-picture)') ?? null;
  const isTaken = ({ dataTransfer }) => dataTransfer?.types.includes(KIND) || dataTransfer?.types.includes('Files');
  body.addEventListener('dragstart', (event) => {
    const from = event.target.closest?.('[data-picture-name]');
    if (!from) return;
    event.dataTransfer.setData(KIND, from.dataset.pictureName);
    event.dataTransfer.effectAllowed = 'copy';
    body.classList.add('is-giving');
  });
  body.addEventListener('dragend', () => body.classList.remove('is-giving'));
  body.addEventListener('dragover', (event) => {
    const place = isTaken(event) ? placeAt(event.target) : null;
    document.querySelectorAll('.is-taking').forEach((each) => { if (each !== place) each.classList.remove('is-taking'); });
    if (!place || (event.dataTransfer.types.includes('Files') && place.dataset.takesPicture === 'pictures')) return;
    event.preventDefault();
    place.classList.add('is-taking');
  });
  async function brought(file) {
    const sent = new FormData();
    sent.append('file', file);
    const answer = await fetch(`${body.dataset.base}/storeroom/pictures`, { method: 'POST', body: sent, headers: { ...JSON.parse(body.getAttribute('hx-headers')), Accept: 'application/json' } }).catch(() => null);
    if (answer?.ok) return (await answer.json()).name;
    announce(answer?.status === 422 ? await answer.text() : `“${file.name}” could not be taken. Try it again.`);
    return null;
  }
  body.addEventListener('drop', async (event) => {
    const place = isTaken(event) ? placeAt(event.target) : null;
    document.querySelectorAll('.is-taking').forEach((each) => each.classList.remove('is-taking'));
    body.classList.remove('is-giving');
    const [file] = event.dataTransfer?.files ?? [];
    // Several files for a product are brought by its own list.
    if (!place || (file && place.dataset.takesPicture === 'pictures')) return;
    event.preventDefault();
    const name = event.dataTransfer.getData(KIND) || (file ? await brought(file) : null);
    if (name) give(place, name);
  });

  // The point that must stay in sight, pressed on the picture; its fields below do the same by key.
  body.addEventListener('pointerdown', (event) => {
    const board = event.target.closest('[data-focus-board]');
    if (!board || event.button !== 0) return;
    const box = board.getBoundingClientRect();
    const share = (at, from, size) => String(Math.max(0, Math.min(100, Math.round((100 * (at - from)) / size))));
    const cells = [['focus_x', share(event.clientX, box.left, box.width), board.dataset.x], ['focus_y', share(event.clientY, box.top, box.height), board.dataset.y]]
      .map(([column, typed, stood]) => [Number(board.dataset.record), column, typed, stood]);
    const state = Object.fromEntries(new FormData(document.querySelector('#state')));
    htmx.ajax('POST', `${body.dataset.base}/storeroom/cells`, { target: '#bench', swap: 'morph:innerHTML', values: { ...state, open_kind: 'pictures', cells: JSON.stringify(cells) } });
  });
}
