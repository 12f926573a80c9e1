// Pictures are brought many at once: dropped or chosen, one after the other, with what is still to come told.
import htmx from 'htmx.org';
import { announce } from '../shell/announce.js';
import { joined, showPlan, unpacked } from './picture-zip.js';

const megabytes = (bytes) => `${(bytes / 1_000_000).toFixed(1)} MB`;

export function startBringPictures(keepForProduct) {
  const body = document.body;
  const state = () => Object.fromEntries(new FormData(document.querySelector('#state')));
  let isBusy = false;

  const say = (words) => {
    announce(words.join(' '));
    if (words.length > 1) document.querySelector('#notice').replaceChildren(Object.assign(document.createElement('p'), { textContent: words.join(' ') }));
  };

  function line(input) {
    const at = document.createElement('p');
    at.className = 'bring-told flex items-center gap-2';
    at.innerHTML = '<progress class="flex-1"></progress> <span></span>';
    if (input.matches('[data-take-pictures]')) input.parentElement.before(at);
    else (input.closest('[data-record-place]') ? input.closest('label') : document.querySelector('[data-storeroom] .storeroom-scroll')).before(at);
    return at;
  }

  /** Sends files one after the other. @returns names the library gave them by the names they came with, and why others were refused */
  async function send(input, files, addressOf) {
    const told = line(input);
    const whole = files.reduce((sum, file) => sum + file.size, 0);
    const made = {};
    const refused = [];
    let done = 0;
    for (const [i, file] of files.entries()) {
      told.querySelector('span').textContent = `${i} of ${files.length} read, ${megabytes(whole - done)} left`;
      told.querySelector('progress').value = done / Math.max(1, whole);
      const sent = new FormData();
      sent.append('file', file, file.name.split('/').at(-1));
      try {
        const answer = await fetch(addressOf(file), { method: 'POST', body: sent, headers: { ...JSON.parse(body.getAttribute('hx-headers')), Accept: 'application/json' } });
        const isJson = answer.headers.get('Content-Type')?.startsWith('application/json');
        if (answer.ok) made[file.name] = isJson ? (await answer.json()).name : '';
        else refused.push(answer.status === 422 && !isJson ? await answer.text() : `“${file.name}” could not be taken. Try it again.`);
      } catch {
        refused.push(`“${file.name}” did not arrive: Ikat could not be reached. Try it again.`);
      }
      done += file.size;
    }
    told.remove();
    return { made, refused };
  }

  const again = () => htmx.ajax('GET', document.querySelector('[data-storeroom]').dataset.url, { target: '#bench', swap: 'morph:innerHTML', values: state() });

  async function bring(input, files) {
    if (isBusy || files.length === 0) return;
    isBusy = true;
    const { made, refused } = await send(input, files, () => input.dataset.bring);
    const names = Object.values(made);
    input.value = '';
    isBusy = false;
    if (names.length > 0 && input.closest('[data-record-place]')) keepForProduct(names);
    else if (names.length > 0) await again();
    say([`${names.length} of ${files.length} ${input.dataset.what ?? 'pictures'} are in the Storeroom.`, ...refused]);
  }

  /** A zip that was looked into: its files, and what becomes of them. */
  let zip = null;
  async function open(input, file) {
    const files = await unpacked(file);
    input.value = '';
    if (files.length === 0) return say([`“${file.name}” has no files in it, or is no zip that can be read.`, 'Pack the pictures again and try once more.']);
    const told = await showPlan(`${input.dataset.bring}/names`, file, files);
    if (told) zip = { ...told, address: input.dataset.bring, files };
  }
  async function take(button) {
    if (isBusy || !zip) return;
    isBusy = true;
    button.disabled = true;
    const byName = Object.fromEntries(zip.plan.map((each) => [each.file, each]));
    const files = zip.files.filter((file) => byName[file.name].way !== 'refused');
    const { made, refused } = await send(button, files, (file) => (byName[file.name].way === 'replaces' ? `${zip.address}/${byName[file.name].id}/file` : zip.address));
    const cells = joined(zip, made);
    zip = null;
    isBusy = false;
    body.dispatchEvent(new CustomEvent('ikat:close-over'));
    if (cells.length > 0) {
      const address = `${document.querySelector('[data-storeroom]').dataset.url}/cells`;
      await htmx.ajax('POST', address, { target: '#bench', swap: 'morph:innerHTML', values: { ...state(), open_kind: 'goods', open_record: '', cells: JSON.stringify(cells) } });
    } else await again();
    say([`${Object.keys(made).length} of ${files.length} pictures were taken in.`, ...refused]);
  }
  body.addEventListener('click', ({ target }) => {
    const button = target.closest('[data-take-pictures]');
    if (button) take(button);
  });

  const begin = (input, files) => {
    const packed = input.accept.includes('.zip') ? files.find((file) => /\.zip$/i.test(file.name)) : undefined;
    return packed ? open(input, packed) : bring(input, files);
  };
  const inputFor = (target) => {
    const drop = target.closest?.('.drop-here');
    if (drop) return drop.querySelector('[data-bring]');
    return target.closest?.('[data-storeroom]')?.querySelector('[data-bring]') ?? null;
  };
  body.addEventListener('change', ({ target }) => {
    if (target.matches?.('[data-bring]')) begin(target, [...target.files]);
  });
  body.addEventListener('dragover', (event) => {
    if (event.dataTransfer?.types.includes('Files') && inputFor(event.target)) event.preventDefault();
  });
  body.addEventListener('drop', (event) => {
    const input = event.dataTransfer?.types.includes('Files') ? inputFor(event.target) : null;
    if (!input) return;
    event.preventDefault();
    begin(input, [...event.dataTransfer.files]);
  });
}
