/** Tells what has happened to whoever does not see it. */
export const announce = (words) => { document.querySelector('#announce').textContent = words; };
