// Pictures of a zip: unpacked here, shown by what becomes of each, and then brought like any others.
import { unzip } from 'fflate';
import htmx from 'htmx.org';

const isOwn = (name) => !name.endsWith('/') && !name.startsWith('__MACOSX/') && !name.split('/').at(-1).startsWith('.');

/** @returns {Promise<File[]>} the files of a zip; none where it cannot be read */
export async function unpacked(zip) {
  const bytes = new Uint8Array(await zip.arrayBuffer());
  const found = await new Promise((resolve) => { unzip(bytes, { filter: (file) => isOwn(file.name) }, (error, files) => resolve(error ? {} : files)); });
  return Object.entries(found).map(([name, content]) => new File([content], name));
}

/** Shows what becomes of files by their names; what is taken in is told by the answer's own plan. */
export async function showPlan(address, zip, files) {
  const values = Object.fromEntries(files.map((file, i) => [`names[${i}]`, file.name]));
  await htmx.ajax('POST', address, { target: '#over-content', swap: 'innerHTML', values: { ...values, name: zip.name } });
  const told = document.querySelector('#over-content [data-zip-plan]');
  if (told) document.body.dispatchEvent(new CustomEvent('ikat:open-over'));
  return told ? JSON.parse(told.textContent) : null;
}

/** One edit of the products that pictures join: cells as the table sends them. */
export function joined({ plan, stood }, made) {
  const added = {};
  plan.forEach((each) => { if (each.way === 'joins' && made[each.file]) (added[each.id] ??= []).push(made[each.file]); });
  return Object.entries(added).map(([id, names]) => [Number(id), 'pictures', [stood[id], ...names].join(' ').trim(), stood[id]]);
}
