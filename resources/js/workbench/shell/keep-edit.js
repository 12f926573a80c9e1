// An edit that no form of the bench makes: something written, moved or dressed in the window, a row that was dragged, a find.
import htmx from 'htmx.org';

/**
 * @param path of the setting
 * @param more fields that go along, instead of those of the bench's state
 */
export const keepEdit = (path, value, more = {}) => send({ ...more, path, value });

/** Several settings in one edit: path => value. */
export const keepEdits = (changes) => send({ changes: JSON.stringify(changes) });

/** Words of a setting or of a menu's entry, said in another language: they belong to the Storeroom. */
export const keepSaid = (of, language, value) => send({ ...of, language, value }, 'storeroom/say');

/** One cell of the Storeroom, changed from a step. */
export const keepCell = (kind, record, column, value, stood) => send({ open_kind: kind, here: 1, record, column, value, stood }, 'storeroom/cells');

/** Several cells of the Storeroom in one edit: [[id, column, what is typed, what stood there], …]. */
export const keepCells = (kind, cells) => send({ open_kind: kind, here: 1, cells: JSON.stringify(cells) }, 'storeroom/cells');

function send(values, to = 'edits') {
  const state = Object.fromEntries(new FormData(document.querySelector('#state')));
  return htmx.ajax('POST', `${document.body.dataset.base}/${to}`, { target: '#bench', swap: 'morph:innerHTML', values: { ...state, ...values } });
}
