// Pointer and keyboard on the drawing: adding, moving, snapping.
import { distance } from './model.js';
import { shown } from './units.js';

const STEP = 0.1;
const NEAR_PX = 10;
const DRAGGED_PX = 6;
const HALF = { bed: [1.5, 0.5], block: [3, 2], roof: [1.5, 1], sight: [1, 1] };

const snapped = (value) => Math.round(value / STEP) * STEP;

export class Editor {
  constructor(svg, scene, model, actions) {
    this.svg = svg;
    this.scene = scene;
    this.model = model;
    this.actions = actions;
    this.tool = null;
    this.draft = [];
    svg.addEventListener('pointerdown', (event) => this.down(event));
    svg.addEventListener('pointermove', (event) => this.moveTo(event));
    svg.addEventListener('pointerup', (event) => this.up(event));
    svg.addEventListener('pointercancel', () => this.cancel());
    svg.addEventListener('dblclick', () => this.finish());
    svg.addEventListener('wheel', (event) => this.wheel(event), { passive: false });
    svg.addEventListener('keydown', (event) => this.key(event));
    svg.addEventListener('focusin', (event) => this.focused(event));
  }

  choose(tool) {
    this.cancel();
    this.tool = this.tool === tool ? null : tool;
    this.svg.dataset.tool = this.tool ?? '';
    this.actions.toolChosen(this.tool);
  }

  // To a corner that is near, to a side that is near, or to the decimetre. Alt lets go of it all.
  snap(point, event, except) {
    if (event?.altKey) {
      return point;
    }
    const near = NEAR_PX * this.scene.perPixel();
    let best = null;
    let least = near;
    const others = this.model.features.filter((feature) => feature.id !== except);
    others.forEach((feature) =>
      feature.points.forEach((corner) => {
        const away = distance(corner, point);
        if (away < least) {
          least = away;
          best = [...corner];
        }
      }),
    );
    if (best) {
      return best;
    }
    others.forEach((feature) =>
      sides(feature, this.model.kinds[feature.kind].shape).forEach(([a, b]) => {
        const foot = onSide(a, b, point);
        if (foot && distance(foot, point) < least) {
          least = distance(foot, point);
          best = foot;
        }
      }),
    );
    return best ?? [snapped(point[0]), snapped(point[1])];
  }

  down(event) {
    if (event.button !== 0) {
      return;
    }
    const raw = this.scene.at(event);
    this.start = { x: event.clientX, y: event.clientY, raw };
    this.svg.setPointerCapture(event.pointerId);
    if (this.tool === 'why') {
      this.actions.ask(raw);
      this.start = null;
    } else if (this.tool) {
      this.start.at = this.snap(raw, event);
    } else {
      this.grab(event);
    }
  }

  grab(event) {
    const vertex = event.target.dataset.vertex;
    const id = event.target.closest('[data-id]')?.dataset.id;
    if (vertex !== undefined) {
      this.start.vertex = Number(vertex);
      this.start.feature = this.model.find(this.model.selected);
    } else if (id) {
      if (id !== this.model.selected) {
        this.model.select(id);
      }
      this.start.feature = this.model.find(id);
      this.start.points = this.start.feature.points.map((point) => [...point]);
    } else {
      this.start.view = { ...this.scene.view };
    }
    if (this.start.feature) {
      this.model.begin();
    }
  }

  moveTo(event) {
    const raw = this.scene.at(event);
    if (!this.start) {
      if (this.tool && this.draft.length) {
        this.show([...this.draft, this.snap(raw, event)]);
      }
      return;
    }
    const far = Math.hypot(event.clientX - this.start.x, event.clientY - this.start.y) > DRAGGED_PX;
    if (this.tool) {
      if (far && !this.draft.length && this.model.kinds[this.tool].shape !== 'point') {
        this.show(this.dragged(this.start.at, this.snap(raw, event)));
      }
    } else if (this.start.vertex !== undefined) {
      this.start.feature.points[this.start.vertex] = this.snap(raw, event, this.start.feature.id);
      this.scene.draw();
    } else if (this.start.feature && far) {
      this.carry(raw, event);
    } else if (this.start.view) {
      const scale = this.scene.perPixel();
      this.scene.view = {
        ...this.start.view,
        x: this.start.view.x - (event.clientX - this.start.x) * scale,
        y: this.start.view.y - (event.clientY - this.start.y) * scale,
      };
      this.scene.draw();
    }
  }

  // The whole thing moves so that its first point falls where it snaps to.
  carry(raw, event) {
    const { feature, points } = this.start;
    const first = [points[0][0] + raw[0] - this.start.raw[0], points[0][1] + raw[1] - this.start.raw[1]];
    const to = this.snap(first, event, feature.id);
    feature.points = points.map(([x, y]) => [round(x + to[0] - points[0][0]), round(y + to[1] - points[0][1])]);
    this.scene.draw();
  }

  dragged(from, to) {
    return this.model.kinds[this.tool].shape === 'area' ? [from, [to[0], from[1]], to, [from[0], to[1]]] : [from, to];
  }

  up(event) {
    if (!this.start) {
      return;
    }
    const start = this.start;
    this.start = null;
    if (!this.tool) {
      if (start.feature) {
        this.model.end();
        this.svg.querySelector(`[data-id="${start.feature.id}"]`)?.focus({ preventScroll: true });
      } else if (Math.hypot(event.clientX - start.x, event.clientY - start.y) < DRAGGED_PX) {
        this.model.select(null);
      }
      return;
    }
    const shape = this.model.kinds[this.tool].shape;
    const at = this.snap(this.scene.at(event), event);
    const far = Math.hypot(event.clientX - start.x, event.clientY - start.y) > DRAGGED_PX;
    if (shape === 'point') {
      this.made([at]);
    } else if (far && !this.draft.length) {
      this.made(this.dragged(start.at, at));
    } else if (this.draft.length > 2 && distance(at, this.draft[0]) < NEAR_PX * this.scene.perPixel()) {
      this.finish();
    } else {
      this.draft.push(at);
      this.show(this.draft);
    }
  }

  show(points) {
    this.scene.draft = points;
    this.scene.draftClosed = this.tool && this.model.kinds[this.tool]?.shape === 'area';
    this.scene.draftWords =
      points.length === 4 && this.scene.draftClosed && !this.draft.length
        ? `${shown(distance(points[0], points[1]), this.scene.us)} × ${shown(distance(points[1], points[2]), this.scene.us)}`
        : null;
    this.scene.marks();
  }

  finish() {
    const points = this.draft.filter((point, i) => i === 0 || distance(point, this.draft[i - 1]) > 0.001);
    const fewest = this.tool && this.model.kinds[this.tool]?.shape === 'area' ? 3 : 2;
    if (this.tool && points.length >= fewest) {
      this.made(points);
    } else {
      this.cancel();
    }
  }

  made(points) {
    const tool = this.tool;
    this.cancel();
    this.choose(tool);
    const feature = this.model.add(tool, points);
    this.svg.querySelector(`[data-id="${feature.id}"]`)?.focus({ preventScroll: true });
  }

  // By keyboard: one of usual size in the middle of what is seen.
  addInTheMiddle(kind) {
    const { x, y, w, h } = this.scene.view;
    const [cx, cy] = [snapped(x + w / 2), snapped(-(y + h / 2))];
    const [hx, hy] = HALF[kind] ?? [1.5, 0];
    const shape = this.model.kinds[kind].shape;
    const points =
      shape === 'point'
        ? [[cx, cy]]
        : shape === 'line'
          ? [
              [cx - hx, cy],
              [cx + hx, cy],
            ]
          : kind === 'sight'
            ? [
                [cx - hx, cy - hy],
                [cx + hx, cy - hy],
                [cx + hx, cy + hy],
              ]
            : [
                [cx - hx, cy - hy],
                [cx + hx, cy - hy],
                [cx + hx, cy + hy],
                [cx - hx, cy + hy],
              ];
    const feature = this.model.add(kind, points);
    this.svg.querySelector(`[data-id="${feature.id}"]`)?.focus({ preventScroll: true });
  }

  cancel() {
    this.draft = [];
    this.start = null;
    this.scene.draft = null;
    this.scene.marks();
  }

  wheel(event) {
    event.preventDefault();
    this.scene.zoom(event.deltaY > 0 ? 1.12 : 1 / 1.12, this.scene.at(event));
  }

  focused(event) {
    const id = event.target.dataset?.id;
    if (id && id !== this.model.selected && !this.start) {
      this.model.select(id);
    }
  }

  key(event) {
    const feature = this.model.find(this.model.selected);
    const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (event.key === 'Escape') {
      this.cancel();
      if (this.tool) {
        this.choose(this.tool);
      } else {
        this.model.select(null);
      }
    } else if (event.key === 'Enter' && this.draft.length) {
      this.finish();
    } else if (arrows && this.tool === 'why') {
      event.preventDefault();
      const [x, y] = this.scene.asked ?? [
        this.scene.view.x + this.scene.view.w / 2,
        -(this.scene.view.y + this.scene.view.h / 2),
      ];
      this.actions.ask([x + arrows[0] * 0.25, y + arrows[1] * 0.25]);
    } else if (arrows && feature && !event.altKey) {
      event.preventDefault();
      const by = event.shiftKey ? 1 : STEP;
      this.model.change(() => this.model.move(feature, arrows[0] * by, arrows[1] * by));
    } else if ((event.key === '[' || event.key === ']') && feature) {
      this.model.change(() => this.model.turn(feature, event.key === '[' ? 5 : -5));
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && feature) {
      event.preventDefault();
      this.model.remove(feature.id);
      this.svg.focus();
    } else if (event.key === 'Enter' && feature) {
      event.preventDefault();
      this.actions.toNumbers();
    } else if (event.key === '+' || event.key === '-') {
      this.scene.zoom(event.key === '+' ? 1 / 1.2 : 1.2);
    }
  }
}

const round = (value) => Math.round(value * 1000) / 1000;

const sides = ({ points }, shape) => {
  const list = points.slice(1).map((b, i) => [points[i], b]);
  return shape === 'area' ? [...list, [points[points.length - 1], points[0]]] : shape === 'line' ? list : [];
};

const onSide = (a, b, p) => {
  const length2 = (b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2;
  const t = length2 ? ((p[0] - a[0]) * (b[0] - a[0]) + (p[1] - a[1]) * (b[1] - a[1])) / length2 : -1;
  return t < 0 || t > 1 ? null : [round(a[0] + t * (b[0] - a[0])), round(a[1] + t * (b[1] - a[1]))];
};
