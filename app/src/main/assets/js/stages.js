// Each stage of a visit opens at the part where it was left; kept for as long as the tab is open.
(() => {
  const head = document.querySelector('.visit-head[data-visit]');
  if (!head) {
    return;
  }
  const name = (stage) => `stage ${head.dataset.visit} ${stage}`;
  const here = head.querySelector('.steps a.here');
  if (here) {
    sessionStorage.setItem(name(here.dataset.stage), window.location.pathname);
  }
  head.querySelectorAll('.steps a:not(.here)').forEach((stage) => {
    const left = sessionStorage.getItem(name(stage.dataset.stage));
    if (left && left.startsWith(`/visits/${head.dataset.visit}/`)) {
      stage.href = left;
    }
  });
})();
