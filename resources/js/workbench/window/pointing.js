/**
 * Pointing at parts to dress them: what is under the pointer, or has the focus, is told instead of followed or picked.
 *
 * @param isOn () => whether somebody points
 * @param pageOf () => key of the page the frame shows
 */
export function watchPointing(root, doc, isOn, pageOf) {
  const numbersOf = (element) => {
    const all = [...doc.body.querySelectorAll('*')];
    const numbers = [];
    for (let e = element; e && e !== doc.body; e = e.parentElement) numbers.push(all.indexOf(e));
    return numbers;
  };
  const tell = (name, detail) => root.dispatchEvent(new CustomEvent(name, { bubbles: true, detail }));
  for (const kind of ['pointerover', 'focusin']) {
    doc.addEventListener(kind, (event) => {
      if (isOn() && event.target.closest) tell('ikat:pointed', { page: pageOf(), elements: numbersOf(event.target) });
    });
  }
  // After a click in the window the keys are its own: what ends pointing is handed on.
  doc.addEventListener('keydown', (event) => { if (event.key === 'Escape' && isOn()) root.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true })); });
  doc.addEventListener('click', (event) => {
    if (!isOn()) return;
    event.preventDefault();
    event.stopPropagation();
    tell('ikat:dressed', null);
  }, true);
}
