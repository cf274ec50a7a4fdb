// The page of the bed: two pictures of one planting, two sliders that run both, and everything done by hand.
import { View, axes, bounds, isInside, nearestOnLine } from './geometry.js';
import { Front } from './front.js';
import { Hands } from './hands.js';
import { lengths } from './lengths.js';
import { looks } from './looks.js';
import { model } from './model.js';
import { Panel } from './panel.js';
import { Plan } from './plan.js';
import { standing } from './standing.js';
import { shadowAt } from './sun.js';

const find = (selector) => document.querySelector(selector);
const given = JSON.parse(find('#given').textContent);
const root = find('.bed-page');
const SHADE_AFTER_MS = 900;
const SHOWN = given.pot ? 1 : 5;

lengths.us = given.units === 'us';
given.kinds.forEach((kind) => looks.kinds.set(kind.id, kind));
model.begin(given, root.dataset.address);

const plan = new Plan(find('#plan'));
const front = new Front(find('#front'));

const page = {
  year: SHOWN,
  month: Number(sessionStorage.getItem('bed-month') ?? 6),
  hour: null,
  angle: 0,
  bed: given.beds[0],
  beds: given.beds,
  things: given.things,
  chosen: new Set(),
  adding: null,
  byGroup: false,
  queued: false,

  plants() {
    return [...model.plants.values()];
  },

  turn(angle) {
    this.angle = angle;
    this.redraw();
  },

  troubles() {
    return model.years[Math.round(this.year)]?.troubles ?? [];
  },

  redraw() {
    if (!this.queued) {
      this.queued = true;
      requestAnimationFrame(() => this.frame());
    }
  },

  // How long it took is told at the picture, so that its speed can be measured from outside.
  frame() {
    this.queued = false;
    const began = performance.now();
    this.draw();
    plan.canvas.drawnInMs = performance.now() - began;
    plan.canvas.firstDrawnAtMs ??= performance.now();
  },

  draw() {
    const plants = this.plants().map((plant) => ({ ...plant, ...variant(plant.uid) }));
    const troubled = new Set(this.troubles().flatMap((each) => each.uids));
    const tallest = Math.max(
      0.4,
      ...model.kinds
        .filter((kind) => plants.some((plant) => plant.id === kind.id))
        .map((kind) => looks.size(kind, Math.max(this.year, 1)).flower),
    );
    const common = {
      bed: this.bed,
      beds: this.beds,
      things: this.things.map((thing, i) => ({ ...grown(thing, this.year), seed: i + 1 })),
      plants,
      year: this.year,
      month: this.month,
      troubled,
      chosen: this.chosen,
      south: given.latitude < 0,
    };
    const shadow = this.hour === null ? null : shadowAt(given, this.month, this.hour);
    plan.draw({
      ...common,
      shadow,
      view: this.view,
      guides: hands.guides,
      box: hands.box,
      angle: this.angle,
    });
    front.draw({
      ...common,
      plants: plants.filter((plant) => bedOf(plant) === this.bed),
      pot: given.pot,
      shadow,
      view: this.view.turned(-this.angle),
      tallest,
    });
  },

  // What is chosen

  choose(uids) {
    this.chosen = new Set(uids);
    panel.selection();
    this.redraw();
  },

  toggle(uid) {
    if (this.chosen.has(uid)) {
      this.chosen.delete(uid);
    } else {
      this.chosen.add(uid);
    }
    panel.selection();
    this.redraw();
  },

  picked() {
    return [...this.chosen].map((uid) => model.plants.get(uid)).filter(Boolean);
  },

  groupOf(plant) {
    return plant.group === 0
      ? [plant.uid]
      : this.plants()
          .filter((each) => each.group === plant.group)
          .map((each) => each.uid);
  },

  chooseGroup() {
    const picked = this.picked();
    if (picked.length > 0) {
      this.choose(picked.flatMap((plant) => this.groupOf(plant)));
    }
  },

  step(way) {
    const plants = this.plants();
    if (plants.length === 0) {
      return;
    }
    const at = plants.findIndex((plant) => this.chosen.has(plant.uid));
    this.choose([plants[(at + way + plants.length) % plants.length].uid]);
  },

  // What is done with it

  change(alter) {
    const picked = this.picked();
    if (picked.length > 0) {
      model.change(picked.map(alter));
    }
  },

  nudge(u, v) {
    const [x, y] = this.view.from([u, v]);
    const dx = x - this.view.centre[0];
    const dy = y - this.view.centre[1];
    const free = this.picked().filter((plant) => !plant.locked);
    if (free.length > 0) {
      model.change(free.map((plant) => ({ ...plant, x: plant.x + dx, y: plant.y + dy })));
    }
  },

  away() {
    const gone = [...this.chosen];
    this.chosen = new Set();
    if (gone.length > 0) {
      model.change([], gone);
    }
  },

  multiply() {
    const group = model.newGroup();
    const more = this.picked().map((plant) => {
      const [u, v] = this.view.to([plant.x, plant.y]);
      const [x, y] = this.view.from([u + model.kindOf.get(plant.id).spacingM, v]);
      return { ...plant, uid: model.newUid(), x, y, group: plant.group ? group : 0, locked: false };
    });
    if (more.length > 0) {
      model.change(more);
      this.choose(more.map((plant) => plant.uid));
    }
  },

  // On one line, evenly, between the first and the last of them.
  align() {
    const picked = this.picked().map((plant) => ({ plant, at: this.view.to([plant.x, plant.y]) }));
    if (picked.length < 2) {
      return;
    }
    picked.sort((a, b) => a.at[0] - b.at[0]);
    const first = picked[0].at;
    const last = picked[picked.length - 1].at;
    model.change(
      picked.map(({ plant }, i) => {
        const part = i / (picked.length - 1);
        const [x, y] = this.view.from([first[0] + (last[0] - first[0]) * part, first[1] + (last[1] - first[1]) * part]);
        return { ...plant, x, y };
      }),
    );
  },

  group(on) {
    const group = on ? model.newGroup() : 0;
    this.change((plant) => ({ ...plant, group }));
  },

  // Placing by hand

  startAdding(id) {
    this.adding = id;
    find('#plan').classList.add('adding');
    panel.telling(window.say('tap-to-place', nameOf(id)));
  },

  stopAdding() {
    this.adding = null;
    find('#plan').classList.remove('adding');
    panel.telling('');
  },

  add([x, y]) {
    const plant = { uid: model.newUid(), id: this.adding, x, y, group: 0, locked: false, afterYears: 0, potHeightM: 0 };
    model.change([plant]);
    this.choose([plant.uid]);
  },
};

function nameOf(id) {
  const kind = model.kindOf.get(id);
  return kind.cultivar ? `${kind.botanical} ‘${kind.cultivar}’` : kind.botanical;
}

// No two neighbours look the same, and each keeps its looks.
function variant(uid) {
  let hash = 7;
  for (let i = 0; i < uid.length; i += 1) {
    hash = (hash * 31 + uid.charCodeAt(i)) % 99991;
  }
  return { which: hash % 3, mirrored: hash % 2 === 1 };
}

// The bed a plant stands in, or the nearest.
function bedOf({ x, y }) {
  const away = (bed) => (isInside(bed.outline, [x, y]) ? 0 : nearestOnLine(bed.outline, [x, y], true).away);
  return given.beds.reduce((nearest, bed) => (away(bed) < away(nearest) ? bed : nearest));
}

// A tree that stands there already grows on.
function grown(thing, year) {
  const more = thing.growth[Math.round(year)];
  return more ? { ...thing, heightM: thing.heightM * more, radiusM: thing.radiusM * more } : thing;
}

function look(bed) {
  page.bed = bed;
  const { right, centre } = axes(bed.front, bed.outline);
  page.view = new View(right, centre);
  page.angle = 0;
  fit();
}

// Each picture is as high as its bed asks for, and both are seen at once.
function fit() {
  const points = page.bed.outline.map((point) => page.view.to(point));
  const box = bounds(points);
  const plan = find('#plan');
  const wide = box.right - box.left;
  const deep = box.far - box.near;
  const room = Math.max(420, window.innerHeight - 270);
  const margin = 2 * Math.min(0.9, wide * 0.6);
  const planHigh = Math.max(150, Math.min(room * 0.5, (plan.clientWidth * (deep + margin)) / (wide + margin)));
  plan.style.height = `${Math.round(planHigh)}px`;
  const tallest = Math.max(given.pot ? 0.3 : 1.2, ...model.kinds.map((kind) => looks.size(kind, 12).flower));
  const wished = ((tallest * 1.15 + deep * 0.16) * plan.clientWidth) / (wide + 1) / 0.84;
  find('#front').style.height = `${Math.round(Math.max(180, Math.min(room - planHigh, wished)))}px`;
  page.redraw();
}

function ahead() {
  const planted = new Set(page.plants().map((plant) => plant.id));
  looks.ahead(
    page.month,
    [...planted].filter((id) => looks.kinds.has(id)),
  );
}

const hands = new Hands(find('#plan'), plan, page);
const panel = new Panel(page, nameOf);
let shadeTimer = 0;

model.changed = () => {
  page.chosen = new Set([...page.chosen].filter((uid) => model.plants.has(uid)));
  panel.everything();
  page.redraw();
  ahead();
  clearTimeout(shadeTimer);
  if (!model.sending && model.waiting.length === 0) {
    shadeTimer = setTimeout(() => model.shade(), SHADE_AFTER_MS);
  }
};
model.failed = (text) => panel.telling(text, text !== '');

// Pictures that arrive are shown a few at a time.
let shownSoon = 0;
looks.changed = () => {
  if (!shownSoon) {
    shownSoon = setTimeout(() => {
      shownSoon = 0;
      page.redraw();
    }, 90);
  }
};

standing.changed = () => page.redraw();

find('#year').addEventListener('input', (event) => {
  page.year = Number(event.target.value);
  looks.moved();
  panel.time();
  page.redraw();
});
find('#month').addEventListener('input', (event) => {
  page.month = Number(event.target.value);
  sessionStorage.setItem('bed-month', page.month);
  looks.moved();
  ahead();
  panel.time();
  page.redraw();
});
find('#hour').addEventListener('input', (event) => {
  page.hour = Number(event.target.value);
  panel.time();
  page.redraw();
});
find('#shadows').addEventListener('change', (event) => {
  page.hour = event.target.checked ? Number(find('#hour').value) : null;
  find('#hour-field').hidden = !event.target.checked;
  panel.time();
  page.redraw();
});
find('#which-bed')?.addEventListener('change', (event) => look(given.beds[Number(event.target.value)]));
window.addEventListener('resize', fit);
find('#month').value = page.month;
find('#year').value = page.year;
if (given.pot) {
  find('#year').max = 3;
}
look(given.beds[0]);
page.frame();
panel.everything();
panel.time();
ahead();
