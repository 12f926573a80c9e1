// Pictures are brought many at once: dropped or chosen, one after the other, with what is still to come told.
import htmx from 'htmx.org';
import { announce } from '../shell/announce.js';

const megabytes = (bytes) => `${(bytes / 1_000_000).toFixed(1)} MB`;

export function startBringPictures(keepForProduct) {
  const body = document.body;
  const state = () => Object.fromEntries(new FormData(document.querySelector('#state')));
  let isBusy = false;

  function line(input) {
    const at = document.createElement('p');
    at.className = 'bring-told flex items-center gap-2';
    at.innerHTML = '<progress class="flex-1"></progress> <span></span>';
    (input.closest('[data-record-place]') ? input.closest('label') : document.querySelector('[data-storeroom] .storeroom-scroll')).before(at);
    return at;
  }

  async function bring(input, files) {
    if (isBusy || files.length === 0) return;
    isBusy = true;
    const told = line(input);
    const whole = files.reduce((sum, file) => sum + file.size, 0);
    const made = [];
    const refused = [];
    let done = 0;
    for (const [i, file] of files.entries()) {
      told.querySelector('span').textContent = `${i} of ${files.length} read, ${megabytes(whole - done)} left`;
      told.querySelector('progress').value = done / Math.max(1, whole);
      const sent = new FormData();
      sent.append('file', file);
      try {
        const answer = await fetch(input.dataset.bring, { method: 'POST', body: sent, headers: { ...JSON.parse(body.getAttribute('hx-headers')), Accept: 'application/json' } });
        if (answer.ok) made.push((await answer.json()).name);
        else refused.push(answer.status === 422 ? await answer.text() : `“${file.name}” could not be taken. Try it again.`);
      } catch {
        refused.push(`“${file.name}” did not arrive: Ikat could not be reached. Try it again.`);
      }
      done += file.size;
    }
    told.remove();
    input.value = '';
    isBusy = false;
    if (made.length > 0 && input.closest('[data-record-place]')) keepForProduct(made);
    else if (made.length > 0) await htmx.ajax('GET', document.querySelector('[data-storeroom]').dataset.url, { target: '#bench', swap: 'morph:innerHTML', values: state() });
    const words = `${made.length} of ${files.length} pictures are in the library.`;
    announce([words, ...refused].join(' '));
    const notice = document.querySelector('#notice');
    if (refused.length > 0) notice.replaceChildren(Object.assign(document.createElement('p'), { textContent: [words, ...refused].join(' ') }));
  }

  const inputFor = (target) => {
    const drop = target.closest?.('.drop-here');
    if (drop) return drop.querySelector('[data-bring]');
    return target.closest?.('[data-storeroom]')?.querySelector('[data-bring]') ?? null;
  };
  body.addEventListener('change', ({ target }) => {
    if (target.matches?.('[data-bring]')) bring(target, [...target.files]);
  });
  body.addEventListener('dragover', (event) => {
    if (event.dataTransfer?.types.includes('Files') && inputFor(event.target)) event.preventDefault();
  });
  body.addEventListener('drop', (event) => {
    const input = event.dataTransfer?.types.includes('Files') ? inputFor(event.target) : null;
    if (!input) return;
    event.preventDefault();
    bring(input, [...event.dataTransfer.files]);
  });
}
