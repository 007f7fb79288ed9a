/** Whether a pointer is down in the page: a hand that rests while it holds something has not let go of it. */
let held = false;

const down = () => (held = true);
const up = () => (held = false);
addEventListener('pointerdown', down, true);
addEventListener('pointerup', up, true);
addEventListener('pointercancel', up, true);
// Let go outside of the page.
addEventListener('blur', up);

export const pointerHeld = () => held;
