/** Where what acts on the look stands: a step's bench, the sheet above the window, undo and redo. */
const TOOLS = ['#bench', '#sheet', '#bar-state'];

/** Listens on all of them, which stay while what is in them changes. */
export function onTools(kind, listener) {
  for (const each of TOOLS) document.querySelector(each).addEventListener(kind, listener);
}

/** What of them fits a selector. */
export const inTools = (selector) => [...document.querySelectorAll(TOOLS.map((each) => `${each} ${selector}`).join())];
