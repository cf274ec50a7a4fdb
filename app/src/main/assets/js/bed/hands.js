// Plants picked up on the plan: dragged with snapping, chosen by a box, placed by a tap, moved by the arrow keys.
import { lengths } from './lengths.js';
import { isInside, nearestOnLine } from './geometry.js';
import { model } from './model.js';

const STEP_M = 0.05;
const LONG_STEP_M = 0.5;
const SNAP_PX = 9;
const DRAG_PX = 4;

export class Hands {
  constructor(canvas, plan, page) {
    this.canvas = canvas;
    this.plan = plan;
    this.page = page;
    this.guides = [];
    this.box = null;
    canvas.addEventListener('pointerdown', (event) => this.down(event));
    canvas.addEventListener('pointermove', (event) => this.move(event));
    canvas.addEventListener('pointerup', (event) => this.up(event));
    canvas.addEventListener('pointercancel', () => this.cancel());
    canvas.addEventListener('dblclick', () => this.page.chooseGroup());
    canvas.addEventListener('keydown', (event) => this.key(event));
  }

  spot(event) {
    const box = this.canvas.getBoundingClientRect();
    return [event.clientX - box.left, event.clientY - box.top];
  }

  down(event) {
    const { page, plan } = this;
    const at = this.spot(event);
    this.canvas.setPointerCapture(event.pointerId);
    this.canvas.focus({ preventScroll: true });
    if (Math.hypot(at[0] - plan.stand[0], at[1] - plan.stand[1]) < 22) {
      this.turning = true;
      return;
    }
    if (page.adding) {
      page.add(plan.ground(at));
      return;
    }
    const plant = plan.hit(page.plants(), at, page.year);
    if (!plant) {
      this.boxFrom = at;
      if (!event.shiftKey) {
        page.choose([]);
      }
      return;
    }
    if (event.shiftKey) {
      page.toggle(plant.uid);
    } else if (!page.chosen.has(plant.uid)) {
      page.choose(page.byGroup ? page.groupOf(plant) : [plant.uid]);
    }
    this.from = at;
    this.main = plant;
    this.before = new Map([...page.chosen].map((uid) => [uid, model.plants.get(uid)]));
  }

  move(event) {
    const at = this.spot(event);
    if (this.turning) {
      const { clientWidth: wide, clientHeight: high } = this.canvas;
      this.page.turn(Math.atan2((at[0] - wide / 2) / wide, (at[1] - high / 2) / high));
      return;
    }
    if (this.boxFrom) {
      const [x, y] = this.boxFrom;
      this.box = { x: Math.min(x, at[0]), y: Math.min(y, at[1]), w: Math.abs(at[0] - x), h: Math.abs(at[1] - y) };
      this.page.redraw();
      return;
    }
    if (!this.from) {
      return;
    }
    if (!this.dragging && Math.hypot(at[0] - this.from[0], at[1] - this.from[1]) < DRAG_PX) {
      return;
    }
    this.dragging = true;
    model.held = true;
    const start = this.plan.ground(this.from);
    const now = this.plan.ground(at);
    const lead = this.before.get(this.main.uid);
    if (!lead) {
      return;
    }
    const wished = [lead.x + now[0] - start[0], lead.y + now[1] - start[1]];
    const snapped = event.altKey ? wished : this.snap(lead, wished);
    this.shift(snapped[0] - lead.x, snapped[1] - lead.y);
    this.measure({ ...lead, x: snapped[0], y: snapped[1] });
    this.page.redraw();
  }

  shift(dx, dy) {
    this.before.forEach((plant, uid) => {
      if (plant && !plant.locked) {
        model.plants.set(uid, { ...plant, x: plant.x + dx, y: plant.y + dy });
      }
    });
  }

  others() {
    return this.page.plants().filter((plant) => !this.before.has(plant.uid));
  }

  // To half the sum of the spacings of the nearest, to the row of the nearest, to half a spread from the edge.
  snap(lead, wished) {
    const reach = SNAP_PX / this.plan.scale;
    let best = wished;
    let least = reach;
    const take = (point) => {
      const away = Math.hypot(point[0] - wished[0], point[1] - wished[1]);
      if (away < least) {
        best = point;
        least = away;
      }
    };
    this.others().forEach((other) => {
      const dx = wished[0] - other.x;
      const dy = wished[1] - other.y;
      const away = Math.hypot(dx, dy);
      const wanted = model.spacing(lead, other);
      if (away > 0.01 && Math.abs(away - wanted) < reach) {
        take([other.x + (dx / away) * wanted, other.y + (dy / away) * wanted]);
      }
      const { view } = this.page;
      const [u] = view.to(wished);
      const [, v] = view.to([other.x, other.y]);
      if (away < 4 * wanted) {
        take(view.from([u, v]));
      }
    });
    const { outline } = this.page.bed;
    const edge = nearestOnLine(outline, wished, true);
    const half = model.kindOf.get(lead.id).spacingM / 2;
    if (isInside(outline, wished) && edge.away > 0.01 && Math.abs(edge.away - half) < reach) {
      const part = half / edge.away;
      take([edge.point[0] + (wished[0] - edge.point[0]) * part, edge.point[1] + (wished[1] - edge.point[1]) * part]);
    }
    return best;
  }

  // Distances to the two nearest plants and to the nearest wall or edge.
  measure(plant) {
    const near = this.others()
      .map((other) => ({ other, away: Math.hypot(other.x - plant.x, other.y - plant.y) }))
      .sort((a, b) => a.away - b.away)
      .slice(0, 2);
    const at = [plant.x, plant.y];
    this.guides = near.map(({ other, away }) => ({ from: at, to: [other.x, other.y], text: lengths.shown(away) }));
    const lines = [nearestOnLine(this.page.bed.outline, at, true)];
    this.page.things
      .filter((thing) => ['wall', 'fence', 'block'].includes(thing.kind))
      .forEach((wall) => lines.push(nearestOnLine(wall.points, at, wall.kind === 'block')));
    const line = lines.sort((a, b) => a.away - b.away)[0];
    this.guides.push({ from: at, to: line.point, text: lengths.shown(line.away) });
  }

  up(event) {
    const { page, plan } = this;
    if (this.boxFrom && this.box && this.box.w > DRAG_PX) {
      const { x, y, w, h } = this.box;
      const inside = page.plants().filter((plant) => {
        const [px, py] = plan.at([plant.x, plant.y]);
        return px >= x && px <= x + w && py >= y && py <= y + h;
      });
      page.choose([...(event.shiftKey ? page.chosen : []), ...inside.map((plant) => plant.uid)]);
    }
    if (this.dragging) {
      const moved = [...this.before.keys()]
        .map((uid) => model.plants.get(uid))
        .filter((plant) => plant && !plant.locked);
      model.held = false;
      model.change(moved);
    }
    this.end();
  }

  cancel() {
    if (this.dragging) {
      this.before.forEach((plant, uid) => model.plants.set(uid, plant));
    }
    this.end();
  }

  end() {
    Object.assign(this, { from: null, main: null, dragging: false, boxFrom: null, box: null, turning: false });
    model.held = false;
    this.guides = [];
    this.page.redraw();
  }

  key(event) {
    const { page } = this;
    const step = event.shiftKey ? LONG_STEP_M : STEP_M;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (way && page.chosen.size > 0) {
      event.preventDefault();
      page.nudge(way[0] * step, way[1] * step);
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      page.away();
    } else if (event.key === 'Escape') {
      page.stopAdding();
      this.cancel();
      page.choose([]);
    } else if (event.key === 'n' || event.key === 'p') {
      event.preventDefault();
      event.stopPropagation();
      page.step(event.key === 'n' ? 1 : -1);
    }
  }
}
