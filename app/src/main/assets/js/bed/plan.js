// The bed from above, its front below: crowns as they are that year, what stands round it, and what is chosen.
import { bar, sheet } from './ink.js';
import { looks } from './looks.js';
import { lengths } from './lengths.js';
import { bounds } from './geometry.js';
import { drawFromAbove, isGrowing, seasonOf } from './standing.js';

const MARGIN_M = 0.9;

export class Plan {
  constructor(canvas) {
    this.canvas = canvas;
    this.pen = canvas.getContext('2d');
  }

  draw({ view, bed, beds, things, plants, year, month, troubled, chosen, guides, box, angle, shadow, south }) {
    const { pen, wide, high } = sheet(this.canvas);
    const edge = bounds(bed.outline.map((point) => view.to(point)));
    const margin = Math.min(MARGIN_M, (edge.right - edge.left) * 0.6);
    const scale = Math.min(wide / (edge.right - edge.left + 2 * margin), high / (edge.far - edge.near + 2 * margin));
    const at = (point) => {
      const [u, v] = view.to(point);
      return [
        wide / 2 + (u - (edge.left + edge.right) / 2) * scale,
        high / 2 - (v - (edge.near + edge.far) / 2) * scale,
      ];
    };
    this.at = at;
    this.scale = scale;
    this.ground = ([px, py]) =>
      view.from([
        (px - wide / 2) / scale + (edge.left + edge.right) / 2,
        -(py - high / 2) / scale + (edge.near + edge.far) / 2,
      ]);
    pen.fillStyle = '#efe7d5';
    pen.fillRect(0, 0, wide, high);
    this.grid(wide, high, at);
    beds.forEach((each) => this.outline(each.outline, each === bed ? '#d6c8a6' : '#e2d8c0', at));
    things.forEach((thing) => this.thing(thing, at, scale));
    if (shadow) {
      this.shadows(plants, year, shadow, at, scale);
    }
    const tall = (plant) =>
      looks.size(looks.kinds.get(plant.id), Math.max(0, year - plant.afterYears), plant.potHeightM).flower;
    [...plants]
      .filter((plant) => looks.kinds.has(plant.id))
      .sort((a, b) => tall(a) - tall(b))
      .forEach((plant) => this.plant({ plant, year, month, at, scale }));
    plants.forEach((plant) => this.marks({ plant, year, at, scale, troubled, chosen }));
    things.filter(isGrowing).forEach((each) => this.crown(each, at, scale, seasonOf(each, month, south)));
    this.guides(guides, at);
    if (box) {
      pen.strokeStyle = '#2b2923';
      pen.setLineDash([4, 3]);
      pen.strokeRect(box.x, box.y, box.w, box.h);
      pen.setLineDash([]);
    }
    this.standpoint(wide, high, angle);
    bar(pen, { wide, high, scale, right: false });
  }

  grid(wide, high, at) {
    const { pen } = this;
    const step = lengths.gridM;
    const corners = [this.ground([0, 0]), this.ground([wide, 0]), this.ground([0, high]), this.ground([wide, high])];
    const xs = corners.map((point) => point[0]);
    const ys = corners.map((point) => point[1]);
    pen.strokeStyle = 'rgba(90,80,60,.10)';
    pen.lineWidth = 1;
    pen.beginPath();
    for (let x = Math.ceil(Math.min(...xs) / step) * step; x <= Math.max(...xs); x += step) {
      pen.moveTo(...at([x, Math.min(...ys)]));
      pen.lineTo(...at([x, Math.max(...ys)]));
    }
    for (let y = Math.ceil(Math.min(...ys) / step) * step; y <= Math.max(...ys); y += step) {
      pen.moveTo(...at([Math.min(...xs), y]));
      pen.lineTo(...at([Math.max(...xs), y]));
    }
    pen.stroke();
  }

  path(points, at, closed) {
    const { pen } = this;
    pen.beginPath();
    points.forEach((point, i) => pen[i === 0 ? 'moveTo' : 'lineTo'](...at(point)));
    if (closed) {
      pen.closePath();
    }
  }

  outline(points, fill, at) {
    const { pen } = this;
    this.path(points, at, true);
    pen.fillStyle = fill;
    pen.fill();
    pen.strokeStyle = '#8a7f68';
    pen.lineWidth = 1.5;
    pen.stroke();
  }

  thing(thing, at, scale) {
    const { pen } = this;
    pen.lineCap = 'butt';
    switch (thing.kind) {
      case 'block':
        this.path(thing.points, at, true);
        pen.fillStyle = '#cfc4ae';
        pen.fill();
        pen.strokeStyle = '#5c574b';
        pen.lineWidth = 2;
        pen.stroke();
        break;
      case 'path':
        this.path(thing.points, at, false);
        pen.strokeStyle = '#faf6ec';
        pen.lineWidth = Math.max(2, thing.widthM * scale);
        pen.stroke();
        break;
      case 'wall':
      case 'fence':
      case 'hedge':
        this.path(thing.points, at, false);
        pen.strokeStyle = thing.kind === 'hedge' ? '#6f7d57' : '#5c574b';
        pen.lineWidth = thing.kind === 'hedge' ? Math.max(4, 0.5 * scale) : 3.5;
        pen.setLineDash(thing.kind === 'fence' ? [7, 3] : []);
        pen.stroke();
        pen.setLineDash([]);
        break;
      case 'window':
        this.path(thing.points, at, false);
        pen.strokeStyle = '#6f8d96';
        pen.lineWidth = 5;
        pen.stroke();
        break;
      case 'view':
      case 'wire':
        this.path(thing.points, at, false);
        pen.strokeStyle = 'rgba(92,87,75,.7)';
        pen.lineWidth = 1.2;
        pen.setLineDash([9, 5]);
        pen.stroke();
        pen.setLineDash([]);
        break;
      case 'sight':
      case 'roof':
        this.path(thing.points, at, true);
        pen.fillStyle = 'rgba(156,42,23,.06)';
        pen.fill();
        pen.strokeStyle = 'rgba(156,42,23,.4)';
        pen.lineWidth = 1;
        pen.stroke();
        break;
      case 'tap': {
        const [x, y] = at(thing.points[0]);
        pen.fillStyle = '#6f8d96';
        pen.fillRect(x - 4, y - 4, 8, 8);
        break;
      }
      default:
    }
  }

  crown(thing, at, scale, season) {
    const [x, y] = at(thing.points[0]);
    drawFromAbove(this.pen, {
      x,
      y,
      radius: thing.radiusM * scale,
      seed: thing.seed,
      season,
      trunk: thing.kind === 'tree' ? Math.max(3, 0.15 * scale) : 2,
    });
  }

  shadows(plants, year, shadow, at, scale) {
    const { pen } = this;
    pen.save();
    // Where two shadows meet it is no darker.
    pen.globalCompositeOperation = 'darken';
    pen.strokeStyle = '#b9ad90';
    pen.lineCap = 'round';
    plants.forEach((plant) => {
      const kind = looks.kinds.get(plant.id);
      const age = year - plant.afterYears;
      if (kind && age >= 0) {
        const size = looks.size(kind, age, plant.potHeightM);
        const reach = size.height * shadow.length;
        pen.lineWidth = Math.max(1, size.spread * scale);
        pen.beginPath();
        pen.moveTo(...at([plant.x, plant.y]));
        pen.lineTo(...at([plant.x + shadow.x * reach, plant.y + shadow.y * reach]));
        pen.stroke();
      }
    });
    pen.restore();
  }

  plant({ plant, year, month, at, scale }) {
    const kind = looks.kinds.get(plant.id);
    const age = year - plant.afterYears;
    const { pen } = this;
    const [x, y] = at([plant.x, plant.y]);
    if (age < 0) {
      pen.strokeStyle = 'rgba(92,87,75,.6)';
      pen.setLineDash([3, 3]);
      pen.lineWidth = 1;
      pen.beginPath();
      pen.arc(x, y, Math.max(4, (kind.spacingM / 2) * scale), 0, 2 * Math.PI);
      pen.stroke();
      pen.setLineDash([]);
      return;
    }
    const size = looks.size(kind, age, plant.potHeightM);
    const look = looks.get(plant.id, 'above', age, month, plant.which);
    const frame = looks.frame(size, 'above');
    const w = frame.wide * scale;
    if (look) {
      pen.save();
      pen.translate(x, y);
      if (plant.mirrored) {
        pen.scale(-1, 1);
      }
      pen.drawImage(look.picture, -w / 2, -w / 2, w, w);
      pen.restore();
    }
  }

  marks({ plant, year, at, scale, troubled, chosen }) {
    const { pen } = this;
    const kind = looks.kinds.get(plant.id);
    const [x, y] = at([plant.x, plant.y]);
    const age = year - plant.afterYears;
    const radius = kind && age >= 0 ? Math.max(3, (looks.size(kind, age, plant.potHeightM).spread / 2) * scale) : 6;
    pen.lineWidth = 1;
    pen.strokeStyle = 'rgba(43,41,35,.28)';
    pen.beginPath();
    pen.arc(x, y, radius, 0, 2 * Math.PI);
    pen.stroke();
    pen.fillStyle = plant.locked ? '#2b2923' : '#fdfaf3';
    pen.strokeStyle = '#2b2923';
    pen.beginPath();
    pen.arc(x, y, 2.4, 0, 2 * Math.PI);
    pen.fill();
    pen.stroke();
    if (troubled.has(plant.uid)) {
      pen.strokeStyle = '#9c2a17';
      pen.lineWidth = 2.5;
      pen.beginPath();
      pen.arc(x, y, radius + 1, 0, 2 * Math.PI);
      pen.stroke();
    }
    if (chosen.has(plant.uid)) {
      pen.strokeStyle = '#2b2923';
      pen.lineWidth = 2;
      pen.setLineDash([5, 3]);
      pen.beginPath();
      pen.arc(x, y, radius + 4, 0, 2 * Math.PI);
      pen.stroke();
      pen.setLineDash([]);
    }
  }

  guides(guides, at) {
    const { pen } = this;
    pen.font = '600 13px "Source Sans", sans-serif';
    pen.textAlign = 'center';
    guides.forEach(({ from, to, text }) => {
      const [ax, ay] = at(from);
      const [bx, by] = at(to);
      pen.strokeStyle = '#2b2923';
      pen.lineWidth = 1.2;
      pen.beginPath();
      pen.moveTo(ax, ay);
      pen.lineTo(bx, by);
      pen.stroke();
      const mx = ax + (bx - ax) * 0.7;
      const my = ay + (by - ay) * 0.7;
      const wide = pen.measureText(text).width + 8;
      pen.fillStyle = '#fdfaf3';
      pen.fillRect(mx - wide / 2, my - 9, wide, 18);
      pen.fillStyle = '#2b2923';
      pen.fillText(text, mx, my + 5);
    });
  }

  // Where people stand: a mark on the rim that can be dragged round.
  standpoint(wide, high, angle) {
    const { pen } = this;
    const x = wide / 2 + Math.sin(angle) * (wide / 2 - 18);
    const y = high / 2 + Math.cos(angle) * (high / 2 - 18);
    this.stand = [x, y];
    pen.save();
    pen.translate(x, y);
    pen.rotate(-angle);
    pen.fillStyle = '#f3c11f';
    pen.strokeStyle = '#2b2923';
    pen.lineWidth = 1.5;
    pen.beginPath();
    pen.moveTo(0, -11);
    pen.lineTo(9, 7);
    pen.lineTo(-9, 7);
    pen.closePath();
    pen.fill();
    pen.stroke();
    pen.restore();
  }

  hit(plants, [px, py], year) {
    let best = null;
    let least = Infinity;
    plants.forEach((plant) => {
      const kind = looks.kinds.get(plant.id);
      const [x, y] = this.at([plant.x, plant.y]);
      const away = Math.hypot(x - px, y - py);
      const age = Math.max(0, year - plant.afterYears);
      const radius = Math.max(12, kind ? (looks.size(kind, age, plant.potHeightM).spread / 2) * this.scale : 0);
      if (away <= radius && away < least) {
        best = plant;
        least = away;
      }
    });
    return best;
  }
}
