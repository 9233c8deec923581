let presses = 0;

/** Which press an edit belongs to: counts up with every finger, pointer or key that goes down, and with what a screen reader presses. */
export const pressNow = (): number => presses;

if (typeof window !== 'undefined') {
  const press = () => {
    presses += 1;
  };
  window.addEventListener('pointerdown', press, true);
  // A key that is held down stays one press; a click that no pointer made has no other sign.
  window.addEventListener('keydown', (event) => !event.repeat && press(), true);
  window.addEventListener('click', (event) => event.detail === 0 && press(), true);
}
