// Words of which some have the color of a role: [{ text, role }], role '' for the color of the text around them.

/** Adds a text at the end; neighbors of one role are joined. */
export function add(parts, text, role) {
  if (text === '') return;
  if (parts.at(-1)?.role === role) parts.at(-1).text += text;
  else parts.push({ text, role });
}

export const plain = (parts) => parts.map((p) => p.text).join('');

/** As they are kept: {role|words}. Words with the signs of this form in them stay plain. */
export const written = (parts) => parts.map(({ text, role }) => (role === '' || /[{}|]/.test(text) ? text : `{${role}|${text}}`)).join('');

/** Parts with the characters from..to replaced by a text, or given a role. */
export function changed(parts, from, to, { text = null, role = null }) {
  const next = [];
  let at = 0;
  let isIn = text === null;
  for (const part of parts) {
    const within = (n) => Math.min(Math.max(n - at, 0), part.text.length);
    add(next, part.text.slice(0, within(from)), part.role);
    if (role !== null) add(next, part.text.slice(within(from), within(to)), role);
    at += part.text.length;
    // What is typed or pasted takes the color of what stands before it.
    if (!isIn && from <= at) {
      add(next, text, part.role);
      isIn = true;
    }
    add(next, part.text.slice(part.text.length - Math.max(0, Math.min(part.text.length, at - to))), part.role);
  }
  if (!isIn) add(next, text, '');
  return next;
}

/** The same without white space at the ends, which is not kept. */
export function trimmed(parts) {
  const all = plain(parts);
  return changed(changed(parts, all.trimEnd().length, all.length, { text: '' }), 0, all.length - all.trimStart().length, { text: '' });
}
