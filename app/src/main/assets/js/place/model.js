// The drawing as plain values, with every earlier state kept for undo. Metres, y to the north.

const round = (value) => Math.round(value * 1000) / 1000;

export const fromGeoJson = (feature, id) => {
  const { type, coordinates } = feature.geometry;
  const ring = type === 'Point' ? [coordinates] : type === 'LineString' ? coordinates : coordinates[0];
  const points = ring.map(([x, y]) => [round(x), round(y)]);
  const last = points[points.length - 1];
  if (type === 'Polygon' && points.length > 1 && points[0][0] === last[0] && points[0][1] === last[1]) {
    points.pop();
  }
  const { kind, ...props } = feature.properties;
  return { id: id ?? feature.id ?? feature.properties.id, kind, props, points };
};

const toGeoJson = ({ id, kind, props, points }, shape) => ({
  type: 'Feature',
  id,
  properties: { kind, ...props },
  geometry: {
    type: { point: 'Point', line: 'LineString', area: 'Polygon' }[shape],
    coordinates: shape === 'point' ? points[0] : shape === 'line' ? points : [[...points, points[0]]],
  },
});

export class Model {
  constructor(given) {
    this.kinds = Object.fromEntries(given.kinds.map((kind) => [kind.word, kind]));
    this.features = given.features.map((feature) => fromGeoJson(feature));
    this.at = { ...given.at };
    this.version = given.version;
    this.past = [];
    this.future = [];
    this.selected = null;
    this.listeners = [];
  }

  onChange(listener) {
    this.listeners.push(listener);
  }

  tell(what) {
    this.listeners.forEach((listener) => listener(what));
  }

  snapshot() {
    return JSON.stringify({ features: this.features, at: this.at });
  }

  // One step that can be undone. While something is dragged, the steps in between do not count.
  change(work) {
    const before = this.snapshot();
    work();
    if (this.snapshot() !== before) {
      this.past.push(before);
      this.future = [];
      this.tell('changed');
    }
  }

  begin() {
    this.before = this.snapshot();
  }

  end() {
    if (this.before && this.before !== this.snapshot()) {
      this.past.push(this.before);
      this.future = [];
      this.tell('changed');
    }
    this.before = null;
  }

  back(from, to) {
    const state = from.pop();
    if (!state) {
      return false;
    }
    to.push(this.snapshot());
    Object.assign(this, JSON.parse(state));
    if (!this.find(this.selected)) {
      this.selected = null;
    }
    this.tell('changed');
    return true;
  }

  undo() {
    return this.back(this.past, this.future);
  }

  redo() {
    return this.back(this.future, this.past);
  }

  // What somebody else drew takes the place of what is here, and can be undone.
  replace(features) {
    this.past.push(this.snapshot());
    this.features = features.map((feature) => fromGeoJson(feature));
    this.tell('shown');
  }

  find(id) {
    return this.features.find((feature) => feature.id === id);
  }

  select(id) {
    this.selected = id;
    this.tell('selected');
  }

  freeId() {
    let n = this.features.length + 1;
    while (this.find(`f${n}`)) {
      n += 1;
    }
    return `f${n}`;
  }

  add(kind, points, props = {}) {
    const feature = {
      id: this.freeId(),
      kind,
      points: points.map(([x, y]) => [round(x), round(y)]),
      props: { ...props },
    };
    this.change(() => this.features.push(feature));
    this.select(feature.id);
    return feature;
  }

  addAll(features) {
    this.change(() =>
      features.forEach((feature) => this.features.push({ ...fromGeoJson(feature), id: this.freeId() })),
    );
  }

  remove(id) {
    this.change(() => {
      this.features = this.features.filter((feature) => feature.id !== id);
    });
    this.select(null);
  }

  move(feature, dx, dy) {
    feature.points = feature.points.map(([x, y]) => [round(x + dx), round(y + dy)]);
  }

  turn(feature, degrees) {
    const [cx, cy] = middle(feature.points);
    const angle = (degrees * Math.PI) / 180;
    feature.points = feature.points.map(([x, y]) => [
      round(cx + (x - cx) * Math.cos(angle) - (y - cy) * Math.sin(angle)),
      round(cy + (x - cx) * Math.sin(angle) + (y - cy) * Math.cos(angle)),
    ]);
  }

  // Sets the length of one side. A four-cornered outline stays as square as it was; of a line, all that follows moves along.
  setSide(feature, side, length) {
    const { points } = feature;
    const n = points.length;
    const a = points[side];
    const b = points[(side + 1) % n];
    const now = distance(a, b);
    if (!(length > 0) || now === 0) {
      return;
    }
    const dx = ((b[0] - a[0]) / now) * (length - now);
    const dy = ((b[1] - a[1]) / now) * (length - now);
    const shape = this.kinds[feature.kind].shape;
    const moved =
      shape === 'line'
        ? points.map((_, i) => i).filter((i) => i > side)
        : n === 4
          ? [(side + 1) % n, (side + 2) % n]
          : [(side + 1) % n];
    moved.forEach((i) => {
      points[i] = [round(points[i][0] + dx), round(points[i][1] + dy)];
    });
  }

  measure(feature, field) {
    const own = feature.props[field];
    return own === undefined || own === ''
      ? this.kinds[feature.kind].measures.find((m) => m.field === field)?.usual
      : own;
  }

  geoJson() {
    return this.features.map((feature) => toGeoJson(feature, this.kinds[feature.kind].shape));
  }
}

export const distance = (a, b) => Math.hypot(b[0] - a[0], b[1] - a[1]);

export const middle = (points) => [
  (Math.min(...points.map((p) => p[0])) + Math.max(...points.map((p) => p[0]))) / 2,
  (Math.min(...points.map((p) => p[1])) + Math.max(...points.map((p) => p[1]))) / 2,
];

export const area = (points) =>
  Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length];
      return sum + x * ny - nx * y;
    }, 0),
  ) / 2;
