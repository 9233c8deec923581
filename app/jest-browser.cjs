// What a browser has and the test environment lacks.
const nothing = () => undefined;
window.matchMedia ??= (media) => ({
  media,
  matches: false,
  addListener: nothing,
  removeListener: nothing,
  addEventListener: nothing,
  removeEventListener: nothing,
  dispatchEvent: () => false,
  onchange: null,
});
for (const name of ['ResizeObserver', 'IntersectionObserver'])
  window[name] ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
