/** Then and now: two frames upon one another, cut at a seam that a slider moves. */
export function startSeam(root, panesOf, signal) {
  const seam = root.querySelector('[data-seam]');
  const slider = seam.querySelector('input');
  const line = document.createElement('div');
  line.className = 'seam-line';

  function cut() {
    const share = Number(slider.value);
    const [then, now] = panesOf();
    then.pane.style.clipPath = `inset(0 ${100 - share}% 0 0)`;
    now.pane.style.clipPath = `inset(0 0 0 ${share}%)`;
    line.style.left = `${now.pane.offsetLeft + (now.pane.offsetWidth * share) / 100}px`;
  }
  slider.addEventListener('input', cut, { signal });

  return {
    line,
    cut,
    show(is) {
      seam.hidden = !is;
      if (is) cut();
    },
  };
}
