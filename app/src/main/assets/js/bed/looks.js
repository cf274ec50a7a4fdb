// Pictures of plants as they look at an age in a month, fetched when they are first wanted and kept ready to be set to
// scale. Until one is there the nearest that is there stands for it, so that nothing waits while a slider is dragged.
const AGES = [0, 1, 2, 3, 5, 8, 12, 20, 30];
const VARIANTS = 3;
const AT_ONCE = 4;
// While a slider moves nothing is fetched: what is there stands for what is wanted.
const STILL_MS = 180;
const AHEAD_MS = 1200;
const SHARPER = 1.6;
const LEAST_M = 0.03;
const GROWN_YEARS = 10;
// The frame of a picture by the size of the plant: as the server cuts it.
const WIDE = 1.5;
const HIGH = 1.2;
const FOOT = 0.06;
const ACROSS = 1.5;

export const looks = {
  kinds: new Map(),
  ready: new Map(),
  queue: [],
  loading: 0,
  movedAt: -Infinity,
  changed: () => {},

  // The age of the pictures that are shown for a year.
  ageFor(year) {
    return AGES.reduce((best, age) =>
      Math.abs(Math.log1p(age) - Math.log1p(year)) < Math.abs(Math.log1p(best) - Math.log1p(year)) ? age : best,
    );
  },

  // {picture, age}; null while nothing of the kind is there.
  get(id, view, year, month, which) {
    const shelf = this.shelf(id, view, which % VARIANTS);
    const age = this.ageFor(year);
    const exact = shelf.get(`${age}/${month}`);
    if (exact?.picture) {
      return exact;
    }
    if (!exact && !this.isMoving()) {
      this.want(shelf, id, view, age, month, which % VARIANTS);
    }
    let best = null;
    let far = Infinity;
    shelf.forEach((each) => {
      const away = Math.abs(each.month - month) * 4 + Math.abs(AGES.indexOf(each.age) - AGES.indexOf(age));
      if (each.picture && away < far) {
        best = each;
        far = away;
      }
    });
    return best;
  },

  isMoving() {
    return performance.now() - this.movedAt < STILL_MS;
  },

  // A slider has moved: once it rests what is wanted is fetched.
  moved() {
    this.movedAt = performance.now();
    clearTimeout(this.rest);
    this.rest = setTimeout(() => {
      this.changed();
      this.next();
    }, STILL_MS + 20);
  },

  // All ages of the month that is shown, when there is nothing else to do.
  ahead(month, ids) {
    clearTimeout(this.later);
    this.later = setTimeout(() => {
      const wanted = [];
      ['above', 'front'].forEach((view) =>
        ids.forEach((id) =>
          AGES.forEach((age) => {
            for (let which = 0; which < VARIANTS; which += 1) {
              wanted.push([id, view, age, which]);
            }
          }),
        ),
      );
      wanted.forEach(([id, view, age, which]) => {
        const shelf = this.shelf(id, view, which);
        if (!shelf.has(`${age}/${month}`)) {
          this.want(shelf, id, view, age, month, which, true);
        }
      });
    }, AHEAD_MS);
  },

  shelf(id, view, which) {
    const name = `${id}/${view}/${which}`;
    if (!this.ready.has(name)) {
      this.ready.set(name, new Map());
    }
    return this.ready.get(name);
  },

  want(shelf, id, view, age, month, which, ahead = false) {
    const entry = { age, month, picture: null };
    shelf.set(`${age}/${month}`, entry);
    const half = (month - 1) * 2 + 1;
    const query = this.kinds.get(id).query;
    const address = `/drawings/${id}/look.svg?view=${view}&age=${age}&half=${half}&which=${which}${query}`;
    this.queue[ahead ? 'unshift' : 'push']({ entry, address });
    this.next();
  },

  // The last wanted first: it is what is looked at now.
  next() {
    while (this.loading < AT_ONCE && this.queue.length > 0 && !this.isMoving()) {
      const { entry, address } = this.queue.pop();
      this.loading += 1;
      const image = new Image();
      const done = () => {
        this.loading -= 1;
        this.changed();
        setTimeout(() => this.next());
      };
      image.onload = () => {
        entry.picture = sharp(image);
        done();
      };
      image.onerror = done;
      image.src = address;
    }
  },

  // The size of a kind in a year, between the years known. One bought taller than usual makes up the rest by its
  // tenth year.
  size(kind, year, boughtM = 0) {
    const at = Math.max(0, Math.min(kind.heights.length - 1, year));
    const low = Math.floor(at);
    const high = Math.min(kind.heights.length - 1, low + 1);
    const part = at - low;
    const between = (values) => values[low] * (1 - part) + values[high] * part;
    const height = between(kind.heights);
    const taller = boughtM > 0 ? bought(kind.heights, height, boughtM) / Math.max(LEAST_M, height) : 1;
    return { height: height * taller, flower: between(kind.flowers) * taller, spread: between(kind.spreads) };
  },

  // Where the picture of a plant of this size goes: width and height in m, and how far below the foot it reaches.
  frame(size, view) {
    const spread = Math.max(LEAST_M, size.spread);
    if (view === 'above') {
      return { wide: ACROSS * spread, high: ACROSS * spread, foot: (ACROSS * spread) / 2 };
    }
    const tall = Math.max(LEAST_M, size.height, size.flower);
    const wide = WIDE * Math.max(spread, tall / 2);
    return { wide, high: HIGH * tall + FOOT * wide, foot: FOOT * wide };
  },
};

function bought(heights, height, boughtM) {
  const usual = heights[0];
  const grown = heights[Math.min(GROWN_YEARS, heights.length - 1)];
  return boughtM >= grown || height >= grown
    ? Math.max(height, boughtM)
    : boughtM + ((height - usual) * (grown - boughtM)) / Math.max(LEAST_M, grown - usual);
}

function sharp(image) {
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.naturalWidth * SHARPER));
  canvas.height = Math.max(1, Math.round(image.naturalHeight * SHARPER));
  canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas;
}
