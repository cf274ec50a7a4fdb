// Draws the place from above as SVG. Metres on paper, y down.
import { distance, middle } from './model.js';
import { shown } from './units.js';

// What lies on the ground is drawn below the hours, what stands on it above.
const LOW = ['slope', 'path', 'bed', 'sight'];
const NS = 'http://www.w3.org/2000/svg';
const ORDER = [
  'path',
  'bed',
  'slope',
  'sight',
  'block',
  'roof',
  'hedge',
  'wall',
  'fence',
  'window',
  'view',
  'wire',
  'tap',
  'spot',
  'shrub',
  'tree',
];

export const el = (name, attributes = {}, ...children) => {
  const node = document.createElementNS(NS, name);
  Object.entries(attributes).forEach(
    ([key, value]) => value !== null && value !== undefined && node.setAttribute(key, value),
  );
  node.append(...children);
  return node;
};

const n = (value) => Math.round(value * 1000) / 1000;
const path = (points, closed) =>
  points.map(([x, y], i) => `${i ? 'L' : 'M'}${n(x)} ${n(-y)}`).join('') + (closed ? 'Z' : '');

// A number between 0 and 1 that is always the same for the same thing.
const chance = (text, i) => {
  let hash = 2166136261 ^ i;
  for (const letter of text) {
    hash = Math.imul(hash ^ letter.charCodeAt(0), 16777619);
  }
  return ((hash >>> 0) % 1000) / 1000;
};

// A crown from above: lobes round the edge, leaf strokes within.
const crown = (id, x, y, r, evergreen) => {
  const lobes = Math.max(9, Math.round(r * 5));
  let edge = '';
  for (let i = 0; i <= lobes; i += 1) {
    const a = (i / lobes) * 2 * Math.PI;
    const reach = r * (evergreen ? (i % 2 ? 0.9 : 1) : 0.94 + 0.06 * chance(id, i % lobes));
    const px = n(x + reach * Math.cos(a));
    const py = n(-y + reach * Math.sin(a));
    edge += i === 0 ? `M${px} ${py}` : evergreen ? `L${px} ${py}` : `A${n(r * 0.42)} ${n(r * 0.42)} 0 0 1 ${px} ${py}`;
  }
  let strokes = '';
  for (let i = 0; i < Math.round(r * r * 6 + 12); i += 1) {
    const a = chance(id, i + 50) * 2 * Math.PI;
    const d = Math.sqrt(chance(id, i + 500)) * r * 0.85;
    const s = evergreen ? 0.22 : 0.14;
    strokes += `M${n(x + d * Math.cos(a))} ${n(-y + d * Math.sin(a))}l${n(s * Math.cos(a))} ${n(s * Math.sin(a))}`;
  }
  return [
    el('path', { class: `crown ${evergreen ? 'evergreen' : ''}`, d: `${edge}Z` }),
    el('path', { class: 'leaves', d: strokes }),
    el('circle', { class: 'trunk', cx: n(x), cy: n(-y), r: n(Math.max(0.07, r * 0.05)) }),
  ];
};

const posts = (points, every) => {
  let marks = '';
  points.slice(1).forEach((b, i) => {
    const a = points[i];
    const length = distance(a, b);
    for (let at = 0; at <= length; at += every) {
      const x = a[0] + ((b[0] - a[0]) * at) / length;
      const y = a[1] + ((b[1] - a[1]) * at) / length;
      marks += `M${n(x - 0.05)} ${n(-y - 0.05)}h.1v.1h-.1z`;
    }
  });
  return el('path', { class: 'posts', d: marks });
};

const arrow = ([a, b]) => {
  const angle = Math.atan2(b[1] - a[1], b[0] - a[0]);
  const head = [2.6, -2.6].map((turn) => [b[0] + 0.35 * Math.cos(angle + turn), b[1] + 0.35 * Math.sin(angle + turn)]);
  return path([head[0], b, head[1]], false);
};

export class Scene {
  constructor(svg, model, us) {
    this.svg = svg;
    this.model = model;
    this.us = us;
    this.view = { x: -4, y: -10, w: 18, h: 14 };
    this.layers = Object.fromEntries(
      ['paper', 'ground', 'cells', 'things', 'shadows', 'patches', 'marks'].map((name) => [
        name,
        el('g', { class: `layer-${name}` }),
      ]),
    );
    svg.append(this.patterns(), ...Object.values(this.layers));
  }

  patterns() {
    return el(
      'defs',
      {},
      el(
        'pattern',
        { id: 'hatch', width: 0.28, height: 0.28, patternUnits: 'userSpaceOnUse', patternTransform: 'rotate(45)' },
        el('path', { class: 'hatch', d: 'M0 0V.28' }),
      ),
      el(
        'pattern',
        { id: 'slats', width: 0.24, height: 0.24, patternUnits: 'userSpaceOnUse' },
        el('path', { class: 'hatch', d: 'M0 .12H.24' }),
      ),
      el(
        'pattern',
        { id: 'soil', width: 0.7, height: 0.7, patternUnits: 'userSpaceOnUse' },
        el('path', { class: 'grains', d: 'M.1 .2h.02M.45 .1h.02M.3 .5h.02M.6 .42h.02M.05 .6h.02' }),
      ),
      el(
        'pattern',
        { id: 'gravel', width: 0.4, height: 0.4, patternUnits: 'userSpaceOnUse' },
        el('path', { class: 'grains', d: 'M.1 .1h.03M.3 .25h.03M.12 .32h.03' }),
      ),
    );
  }

  // The drawing's metres for a place on the screen.
  at(event) {
    const box = this.svg.getBoundingClientRect();
    const scale = this.perPixel();
    return [this.view.x + (event.clientX - box.left) * scale, -(this.view.y + (event.clientY - box.top) * scale)];
  }

  perPixel() {
    const box = this.svg.getBoundingClientRect();
    return box.width ? this.view.w / box.width : 0.02;
  }

  fit() {
    const points = this.model.features.flatMap((f) =>
      f.kind === 'tree' || f.kind === 'shrub' ? reach(f, Number(this.model.measure(f, 'crownRadiusM'))) : f.points,
    );
    const xs = points.map((p) => p[0]);
    const ys = points.map((p) => -p[1]);
    const box = points.length
      ? [Math.min(...xs) - 2, Math.min(...ys) - 2, Math.max(...xs) + 2, Math.max(...ys) + 2]
      : [-2, -8, 12, 2];
    this.look(box[0], box[1], box[2] - box[0], box[3] - box[1]);
  }

  look(x, y, w, h) {
    const box = this.svg.getBoundingClientRect();
    const shape = box.height && box.width ? box.height / box.width : 0.6;
    const wide = Math.max(w, h / shape, 2);
    this.view = { x: x - (wide - w) / 2, y: y - (wide * shape - h) / 2, w: wide, h: wide * shape };
    this.draw();
  }

  zoom(factor, at) {
    const [cx, cy] = at ?? [this.view.x + this.view.w / 2, -(this.view.y + this.view.h / 2)];
    const w = Math.min(2000, Math.max(1.5, this.view.w * factor));
    const real = w / this.view.w;
    this.view = { x: cx - (cx - this.view.x) * real, y: -cy - (-cy - this.view.y) * real, w, h: this.view.h * real };
    this.draw();
  }

  draw() {
    const { x, y, w, h } = this.view;
    this.svg.setAttribute('viewBox', `${n(x)} ${n(y)} ${n(w)} ${n(h)}`);
    this.paper();
    const things = [...this.model.features].sort((a, b) => ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind));
    const focused = document.activeElement?.dataset?.id;
    this.layers.ground.replaceChildren(
      ...things.filter((feature) => LOW.includes(feature.kind)).map((feature) => this.thing(feature)),
    );
    this.layers.things.replaceChildren(
      ...things.filter((feature) => !LOW.includes(feature.kind)).map((feature) => this.thing(feature)),
    );
    this.marks();
    if (focused) {
      this.svg.querySelector(`[data-id="${focused}"]`)?.focus({ preventScroll: true });
    }
  }

  paper() {
    const { x, y, w, h } = this.view;
    const step = w > 120 ? 10 : w > 40 ? 5 : 1;
    let lines = '';
    for (let at = Math.ceil(x / step) * step; at < x + w; at += step) {
      lines += `M${at} ${n(y)}V${n(y + h)}`;
    }
    for (let at = Math.ceil(y / step) * step; at < y + h; at += step) {
      lines += `M${n(x)} ${at}H${n(x + w)}`;
    }
    const px = this.perPixel();
    const bar = step * (this.us ? 1 : 1);
    const sx = x + 14 * px;
    const sy = y + h - 16 * px;
    const north = Number(this.model.at.north) || 0;
    const nx = x + w - 30 * px;
    const ny = y + 34 * px;
    this.layers.paper.replaceChildren(
      el('path', { class: 'grid', d: lines }),
      el('path', { class: 'scale', d: `M${n(sx)} ${n(sy - 5 * px)}v${n(5 * px)}h${bar}v${n(-5 * px)}` }),
      el(
        'text',
        { class: 'plan-text', x: n(sx + bar / 2), y: n(sy - 8 * px), 'font-size': n(12 * px), 'text-anchor': 'middle' },
        shown(bar, this.us),
      ),
      el(
        'g',
        { class: 'north', transform: `translate(${n(nx)} ${n(ny)}) rotate(${north}) scale(${n(px)})` },
        el('path', { d: 'M0 20V-18M-6 -8L0 -19L6 -8' }),
        el('text', { class: 'plan-text', 'font-size': 12, 'text-anchor': 'middle', y: -23 }, 'N'),
      ),
    );
  }

  thing(feature) {
    const kind = this.model.kinds[feature.kind];
    const name = feature.props.name || kind.name;
    const group = el('g', {
      class: `thing ${feature.kind} ${feature.id === this.model.selected ? 'selected' : ''} ${this.wrong?.has(feature.id) ? 'wrong' : ''}`,
      'data-id': feature.id,
      tabindex: 0,
      role: 'button',
      'aria-label': feature.id === this.model.selected ? window.say('selected', name) : name,
    });
    group.append(...this.shape(feature, kind.shape));
    return group;
  }

  shape(feature, shape) {
    const { points, kind, id } = feature;
    const line = path(points, shape === 'area');
    const m = (field) => Number(this.model.measure(feature, field));
    switch (kind) {
      case 'tree':
      case 'shrub':
        return crown(id, points[0][0], points[0][1], m('crownRadiusM'), feature.props.foliage === 'evergreen');
      case 'tap':
        return [
          el('circle', { class: 'hit', cx: points[0][0], cy: -points[0][1], r: 0.3 }),
          el('path', {
            class: 'ink',
            d: `M${n(points[0][0])} ${n(-points[0][1] - 0.28)}c.3 .35 .25 .55 0 .55s-.3 -.2 0 -.55z`,
          }),
        ];
      case 'spot':
        return [
          el('circle', { class: 'hit', cx: points[0][0], cy: -points[0][1], r: 0.3 }),
          el('path', {
            class: 'ink',
            d: `M${n(points[0][0] - 0.2)} ${n(-points[0][1])}h.4m-.2 -.2v.4`,
          }),
        ];
      case 'hedge':
        return [
          el('path', { class: 'hedge-body', d: line, 'stroke-width': 0.7 }),
          el('path', { class: 'hedge-leaves', d: line, 'stroke-width': 0.5 }),
        ];
      case 'wall':
        return [
          el('path', { class: 'wall-body', d: line, 'stroke-width': 0.22 }),
          el('path', { class: 'hit-line', d: line, 'stroke-width': 0.5 }),
        ];
      case 'fence':
        return [
          el('path', { class: 'ink', d: line }),
          posts(points, 0.9),
          el('path', { class: 'hit-line', d: line, 'stroke-width': 0.5 }),
        ];
      case 'path':
        return [
          el('path', { class: 'path-body', d: line, 'stroke-width': m('widthM') }),
          el('path', { class: 'path-grains', d: line, 'stroke-width': m('widthM') }),
        ];
      case 'window':
        return [
          el('path', { class: 'window-frame', d: line, 'stroke-width': 0.26 }),
          el('path', { class: 'window-glass', d: line, 'stroke-width': 0.1 }),
        ];
      case 'view':
        return [
          el('path', { class: 'view-body', d: line }),
          el('path', { class: 'ink', d: arrow(points.slice(-2)) }),
          el('path', { class: 'hit-line', d: line, 'stroke-width': 0.5 }),
        ];
      case 'wire':
        return [
          el('path', { class: 'wire-body', d: line }),
          el('path', { class: 'hit-line', d: line, 'stroke-width': 0.5 }),
        ];
      case 'slope':
        return [
          el('path', { class: 'ink', d: line }),
          el('path', { class: 'ink', d: arrow(points.slice(-2)) }),
          el('path', { class: 'hit-line', d: line, 'stroke-width': 0.6 }),
          el(
            'text',
            {
              class: 'plan-text',
              x: n(points.at(-1)[0] + 0.2),
              y: n(-points.at(-1)[1]),
              'font-size': n(12 * this.perPixel()),
            },
            `falls ${m('slopePercent')} %`,
          ),
        ];
      default:
        return [
          el('path', { class: `${kind}-body`, d: line }),
          el('path', { class: `${kind}-fill`, d: line }),
          this.label(feature),
        ];
    }
  }

  label(feature) {
    const [x, y] = middle(feature.points);
    const text = feature.kind === 'bed' || feature.kind === 'sight' ? '' : (feature.props.name ?? '');
    return el(
      'text',
      { class: 'plan-text', x: n(x), y: n(-y), 'font-size': n(13 * this.perPixel()), 'text-anchor': 'middle' },
      text,
    );
  }

  // Handles and lengths of what is selected.
  marks() {
    const feature = this.model.find(this.model.selected);
    const px = this.perPixel();
    const marks = [];
    if (feature) {
      const shape = this.model.kinds[feature.kind].shape;
      feature.points.forEach(([x, y], i) =>
        marks.push(el('circle', { class: 'handle', 'data-vertex': i, cx: n(x), cy: n(-y), r: n(6 * px) })),
      );
      const sides = shape === 'point' ? 0 : shape === 'line' ? feature.points.length - 1 : feature.points.length;
      for (let i = 0; i < sides; i += 1) {
        const a = feature.points[i];
        const b = feature.points[(i + 1) % feature.points.length];
        const length = distance(a, b);
        if (length / px > 34) {
          marks.push(
            el(
              'text',
              {
                class: 'plan-text length',
                x: n((a[0] + b[0]) / 2),
                y: n(-(a[1] + b[1]) / 2 - 5 * px),
                'font-size': n(12 * px),
                'text-anchor': 'middle',
              },
              shown(length, this.us),
            ),
          );
        }
      }
    }
    if (this.draft?.length) {
      marks.push(el('path', { class: 'draft', d: path(this.draft, this.draftClosed) }));
      const [a, b] = this.draft.slice(-2);
      if (b) {
        marks.push(
          el(
            'text',
            { class: 'plan-text length', x: n(b[0] + 10 * px), y: n(-b[1] - 10 * px), 'font-size': n(13 * px) },
            this.draftWords ?? shown(distance(a, b), this.us),
          ),
        );
      }
    }
    if (this.asked) {
      marks.push(
        el('circle', { class: 'asked', cx: n(this.asked[0]), cy: n(-this.asked[1]), r: n(8 * px) }),
        el('circle', { class: 'asked-dot', cx: n(this.asked[0]), cy: n(-this.asked[1]), r: n(2 * px) }),
      );
    }
    this.layers.marks.replaceChildren(...marks);
  }
}

const reach = (feature, r) =>
  feature.points.flatMap(([x, y]) => [
    [x - r, y - r],
    [x + r, y + r],
  ]);
