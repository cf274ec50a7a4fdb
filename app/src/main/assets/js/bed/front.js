// The bed from where people stand: what is behind it, the plants to scale before that, the nearer before the farther.
import { bar, sheet } from './ink.js';
import { looks } from './looks.js';
import { bounds } from './geometry.js';
import { drawGrowing, isGrowing, seasonOf } from './standing.js';

// The ground is seen from a little above: a metre back stands so many metres higher in the picture.
const RISE = 0.16;
const MARGIN_M = 0.5;
const SKY = 1.12;
const LEAST_HIGH_M = 1.5;
const PALEST = 0.3;
const GROUND_M = 6;
const POT_HIGH_M = 0.35;
const POT_MARGIN = 0.8;
const MIXED = { wall: '#d9cdb6', block: '#d8c9ae', fence: '#c9b58c', hedge: '#7d8a63' };
const WINDOW_HIGH_M = 1.1;
const COURSE_M = 0.3;

export class Front {
  constructor(canvas) {
    this.canvas = canvas;
    this.pen = canvas.getContext('2d');
  }

  // Everything in it: the plants of one bed as they stand that year, and who looks from where.
  draw({ view, bed, things, plants, year, month, troubled, chosen, tallest, pot, shadow, south }) {
    const { pen, wide, high } = sheet(this.canvas);
    const box = bounds(bed.outline.map((point) => view.to(point)));
    const deep = box.far - box.near;
    const across = box.right - box.left + 2 * (pot ? POT_MARGIN * (box.right - box.left) : MARGIN_M);
    const up = Math.max(pot ? 0 : LEAST_HIGH_M, tallest * SKY) + deep * RISE + (pot ? POT_HIGH_M : 0);
    const scale = Math.min(wide / across, (Math.min(high * 0.93, high - 26) * 0.97) / up);
    const foot = Math.min(high * 0.93, high - 26) - (pot ? POT_HIGH_M * scale : 0);
    const x = (u) => wide / 2 + (u - (box.left + box.right) / 2) * scale;
    const y = (v, h) => foot - (v - box.near) * RISE * scale - h * scale;
    this.place = { x, y, scale };
    const behind = [];
    const before = [];
    things.forEach((thing) => this.sort(thing, view, box, behind, before));
    // The ground goes back as far as what stands on it.
    const farthest = Math.max(box.far + 0.6, ...behind.flatMap((each) => each.points.map((point) => point[1])));
    const horizon = Math.min(farthest, box.far + GROUND_M);
    this.ground(pot ? box.near - POT_HIGH_M / RISE / 2 : horizon, y, wide, high);
    behind
      .sort((a, b) => b.away - a.away)
      .forEach((each) => this.thing(each, x, (v, h) => y(Math.min(v, horizon), h), scale, month, south));
    if (pot) {
      this.pot(box, x, y, scale);
    }
    this.edge(bed, view, x, y);
    if (shadow && !pot) {
      this.shadows(plants, year, shadow, view, { x, y, scale });
    }
    const stands = plants.map((plant) => ({ plant, at: view.to([plant.x, plant.y]) }));
    stands.sort((a, b) => b.at[1] - a.at[1]);
    stands.forEach(({ plant, at }, i) => {
      const far = deep > 0.2 ? Math.max(0, Math.min(1, (at[1] - box.near) / deep)) : 0;
      this.plant({ plant, at, year, month, far, x, y, scale, isChosen: chosen.has(plant.uid) });
      if (troubled.has(plant.uid)) {
        this.mark(x(at[0]), y(at[1], 0));
      }
      stands[i].drawn = true;
    });
    bar(pen, { wide, high, scale, right: true });
  }

  ground(far, y, wide, high) {
    const { pen } = this;
    const horizon = y(far, 0);
    pen.fillStyle = '#fbf7ec';
    pen.fillRect(0, 0, wide, high);
    pen.fillStyle = '#e4dac4';
    pen.fillRect(0, horizon, wide, high - horizon);
  }

  // A pot stands on the ground, a little narrower at its foot.
  pot(box, x, y, scale) {
    const { pen } = this;
    const middle = (box.near + box.far) / 2;
    const left = x(box.left);
    const right = x(box.right);
    const taper = (right - left) * 0.12;
    const rim = y(middle, 0);
    const base = rim + POT_HIGH_M * scale;
    const round = (box.far - box.near) * RISE * 0.5 * scale;
    pen.fillStyle = 'rgba(61,53,39,.16)';
    pen.beginPath();
    pen.ellipse((left + right) / 2 + taper, base, (right - left) * 0.5, round * 0.8, 0, 0, 2 * Math.PI);
    pen.fill();
    const clay = pen.createLinearGradient(left, 0, right, 0);
    clay.addColorStop(0, '#a8694a');
    clay.addColorStop(0.35, '#c98a66');
    clay.addColorStop(1, '#8b5339');
    pen.fillStyle = clay;
    pen.beginPath();
    pen.moveTo(left, rim);
    pen.lineTo(left + taper, base);
    pen.quadraticCurveTo((left + right) / 2, base + round * 1.6, right - taper, base);
    pen.lineTo(right, rim);
    pen.quadraticCurveTo((left + right) / 2, rim + round * 2, left, rim);
    pen.fill();
    pen.strokeStyle = 'rgba(44,42,36,.4)';
    pen.lineWidth = 1;
    pen.stroke();
  }

  edge(bed, view, x, y) {
    const { pen } = this;
    pen.beginPath();
    bed.outline.forEach((point, i) => {
      const [u, v] = view.to(point);
      pen[i === 0 ? 'moveTo' : 'lineTo'](x(u), y(v, 0));
    });
    pen.closePath();
    pen.fillStyle = '#c9ba98';
    pen.fill();
    pen.strokeStyle = '#8a7f68';
    pen.lineWidth = 1.2;
    pen.stroke();
  }

  sort(thing, view, box, behind, before) {
    const points = thing.points.map((point) => view.to(point));
    const away = points.reduce((sum, point) => sum + point[1], 0) / points.length;
    const middle = (box.near + box.far) / 2;
    const each = { thing, points, away };
    if (away > middle) {
      behind.push(each);
    } else {
      before.push(each);
    }
  }

  thing({ thing, points }, x, y, scale, month, south) {
    const { pen } = this;
    if (isGrowing(thing)) {
      const [u, v] = points[0];
      drawGrowing(pen, {
        x: x(u),
        foot: y(v, 0),
        top: y(v, thing.heightM),
        radius: thing.radiusM * scale,
        seed: thing.seed,
        season: seasonOf(thing, month, south),
        shrub: thing.kind === 'shrub',
      });
      return;
    }
    const colour = MIXED[thing.kind];
    if (!colour && thing.kind !== 'window') {
      return;
    }
    const closed = thing.kind === 'block';
    const legs = closed ? points.length : points.length - 1;
    const centre = points.reduce((sum, point) => sum + point[1], 0) / points.length;
    for (let i = 0; i < legs; i += 1) {
      const a = points[i];
      const b = points[(i + 1) % points.length];
      // Of a house the sides turned away are not seen.
      if (closed && (a[1] + b[1]) / 2 > centre) {
        continue;
      }
      const low = thing.kind === 'window' ? thing.heightM : 0;
      const top = thing.kind === 'window' ? thing.heightM + WINDOW_HIGH_M : thing.heightM;
      const face = [x(a[0]), x(b[0]), y(a[1], low), y(b[1], low), y(a[1], top), y(b[1], top)];
      if (thing.kind === 'window') {
        this.window(face);
      } else {
        this.wall(face, colour, thing.kind === 'wall' || closed ? (top - low) / COURSE_M : 0);
      }
    }
  }

  // A face of masonry shows its courses; what is farther than the picture is left out.
  wall([left, right, lowLeft, lowRight, topLeft, topRight], colour, courses) {
    const { pen } = this;
    const face = new Path2D();
    face.moveTo(left, lowLeft);
    face.lineTo(right, lowRight);
    face.lineTo(right, topRight);
    face.lineTo(left, topLeft);
    face.closePath();
    pen.fillStyle = colour;
    pen.fill(face);
    pen.strokeStyle = 'rgba(44,42,36,.07)';
    pen.lineWidth = 1;
    pen.beginPath();
    for (let i = 1; i < courses; i += 1) {
      const part = i / courses;
      pen.moveTo(left, lowLeft + (topLeft - lowLeft) * part);
      pen.lineTo(right, lowRight + (topRight - lowRight) * part);
    }
    pen.stroke();
    pen.strokeStyle = 'rgba(44,42,36,.35)';
    pen.stroke(face);
  }

  // Panes in a pale frame, on a sill.
  window([left, right, low, , top]) {
    const { pen } = this;
    const from = Math.min(left, right);
    const wide = Math.abs(right - left);
    const frame = Math.max(1.5, (low - top) * 0.05);
    pen.fillStyle = '#f2ecdc';
    pen.fillRect(from - frame, top - frame, wide + 2 * frame, low - top + 2 * frame);
    const panes = Math.max(1, Math.round(wide / Math.max(1, (low - top) * 0.7)));
    const pane = (wide - (panes - 1) * frame) / panes;
    for (let i = 0; i < panes; i += 1) {
      const glass = pen.createLinearGradient(0, top, 0, low);
      glass.addColorStop(0, '#8fa6ad');
      glass.addColorStop(1, '#c3d0d0');
      pen.fillStyle = glass;
      pen.fillRect(from + i * (pane + frame), top, pane, low - top);
    }
    pen.fillStyle = '#bdb096';
    pen.fillRect(from - 2.5 * frame, low + frame, wide + 5 * frame, frame * 1.2);
  }

  // On the ground, which is seen from so flat that they are thin; where two meet it is no darker.
  shadows(plants, year, shadow, view, { x, y, scale }) {
    const { pen } = this;
    plants.forEach((plant) => {
      const kind = looks.kinds.get(plant.id);
      const age = year - plant.afterYears;
      if (!kind || age < 0) {
        return;
      }
      const size = looks.size(kind, age, plant.potHeightM);
      const reach = size.height * shadow.length;
      const from = view.to([plant.x, plant.y]);
      const to = view.to([plant.x + shadow.x * reach, plant.y + shadow.y * reach]);
      pen.save();
      pen.globalCompositeOperation = 'darken';
      pen.strokeStyle = '#b4a684';
      pen.lineCap = 'round';
      pen.translate(0, y(0, 0));
      pen.scale(1, RISE);
      pen.lineWidth = Math.max(1, size.spread * scale * 0.9);
      pen.beginPath();
      pen.moveTo(x(from[0]), -from[1] * scale);
      pen.lineTo(x(to[0]), -to[1] * scale);
      pen.stroke();
      pen.restore();
    });
  }

  plant({ plant, at, year, month, far, x, y, scale, isChosen }) {
    const kind = looks.kinds.get(plant.id);
    const age = year - plant.afterYears;
    if (!kind || age < 0) {
      return;
    }
    const { pen } = this;
    const size = looks.size(kind, age, plant.potHeightM);
    const look = looks.get(plant.id, 'front', age, month, plant.which);
    const px = x(at[0]);
    const py = y(at[1], 0);
    const half = (size.spread / 2) * scale;
    pen.fillStyle = 'rgba(61,53,39,.16)';
    pen.beginPath();
    pen.ellipse(px, py, half * 0.94, Math.max(0.8, half * 0.1), 0, 0, 2 * Math.PI);
    pen.fill();
    if (!look) {
      return;
    }
    const frame = looks.frame(size, 'front');
    const w = frame.wide * scale;
    const h = frame.high * scale;
    pen.globalAlpha = 1 - PALEST * far;
    pen.save();
    pen.translate(px, py + frame.foot * scale);
    if (plant.mirrored) {
      pen.scale(-1, 1);
    }
    pen.drawImage(look.picture, -w / 2, -h, w, h);
    pen.restore();
    pen.globalAlpha = 1;
    if (isChosen) {
      pen.strokeStyle = '#2b2923';
      pen.lineWidth = 1.5;
      pen.setLineDash([4, 3]);
      pen.beginPath();
      pen.ellipse(px, py, Math.max(6, half), Math.max(3, half * 0.2), 0, 0, 2 * Math.PI);
      pen.stroke();
      pen.setLineDash([]);
    }
  }

  mark(px, py) {
    const { pen } = this;
    pen.fillStyle = '#9c2a17';
    pen.beginPath();
    pen.moveTo(px, py + 2);
    pen.lineTo(px - 5, py + 11);
    pen.lineTo(px + 5, py + 11);
    pen.closePath();
    pen.fill();
  }
}
