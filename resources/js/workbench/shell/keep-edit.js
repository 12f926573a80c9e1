// An edit that no form of the bench makes: something written, moved or dressed in the window, a row that was dragged, a find.
import htmx from 'htmx.org';

/**
 * @param path of the setting
 * @param more fields that go along, instead of those of the bench's state
 */
export const keepEdit = (path, value, more = {}) => send({ ...more, path, value });

/** Several settings in one edit: path => value. */
export const keepEdits = (changes) => send({ changes: JSON.stringify(changes) });

/** Words of a setting, said in another language: they belong to the Storeroom. */
export const keepSaid = (path, language, value) => send({ path, language, value }, 'storeroom/say');

function send(values, to = 'edits') {
  const state = Object.fromEntries(new FormData(document.querySelector('#state')));
  return htmx.ajax('POST', `${document.body.dataset.base}/${to}`, { target: '#bench', swap: 'morph:innerHTML', values: { ...state, ...values } });
}
