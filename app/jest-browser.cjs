// What a browser has and the test environment lacks.
const { TextDecoder, TextEncoder } = require('node:util');

const nothing = () => undefined;
window.TextDecoder ??= TextDecoder;
window.TextEncoder ??= TextEncoder;
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
