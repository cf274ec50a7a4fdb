// Lengths of the bed's pictures in the units of the visit.
import { shown, typed } from '../place/units.js';

const FOOT = 0.3048;

export const lengths = {
  us: false,
  shown(metres) {
    return shown(metres, this.us);
  },
  typed(text) {
    return typed(text, this.us);
  },
  get gridM() {
    return this.us ? FOOT : 0.5;
  },
  // A round length, about an eighth of a width.
  barM(wideM) {
    const unit = this.us ? FOOT : 1;
    return unit * ([10, 5, 2, 1, 0.5, 0.2, 0.1].find((each) => each * unit <= wideM / 7) ?? 0.1);
  },
};
