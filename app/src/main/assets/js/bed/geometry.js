// Where things lie: from the ground (metres, y to the north) to the two pictures and back.
export function axes(front, outline) {
  const [a, b] = front;
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  let right = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const centre = middle(outline);
  if ((centre[0] - a[0]) * -right[1] + (centre[1] - a[1]) * right[0] < 0) {
    right = [-right[0], -right[1]];
  }
  return { right, centre };
}

export function middle(outline) {
  const xs = outline.map((point) => point[0]);
  const ys = outline.map((point) => point[1]);
  return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

// A way of looking at the ground: u to the right of it, v away from who looks.
export class View {
  constructor(right, centre) {
    this.right = right;
    this.centre = centre;
  }

  turned(angle) {
    const [x, y] = this.right;
    const turned = [x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle)];
    return new View(turned, this.centre);
  }

  to([x, y]) {
    const dx = x - this.centre[0];
    const dy = y - this.centre[1];
    return [dx * this.right[0] + dy * this.right[1], -dx * this.right[1] + dy * this.right[0]];
  }

  from([u, v]) {
    return [
      this.centre[0] + u * this.right[0] - v * this.right[1],
      this.centre[1] + u * this.right[1] + v * this.right[0],
    ];
  }
}

export function bounds(points) {
  const us = points.map((point) => point[0]);
  const vs = points.map((point) => point[1]);
  return { left: Math.min(...us), right: Math.max(...us), near: Math.min(...vs), far: Math.max(...vs) };
}

export function nearestOnLine(line, [x, y], closed) {
  let best = null;
  const legs = closed ? line.length : line.length - 1;
  for (let i = 0; i < legs; i += 1) {
    const a = line[i];
    const b = line[(i + 1) % line.length];
    const dx = b[0] - a[0];
    const dy = b[1] - a[1];
    const length = dx * dx + dy * dy;
    const at = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - a[0]) * dx + (y - a[1]) * dy) / length));
    const point = [a[0] + at * dx, a[1] + at * dy];
    const away = Math.hypot(x - point[0], y - point[1]);
    if (!best || away < best.away) {
      best = { point, away };
    }
  }
  return best;
}

export function isInside(outline, [x, y]) {
  let inside = false;
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i, i += 1) {
    const [ax, ay] = outline[i];
    const [bx, by] = outline[j];
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) {
      inside = !inside;
    }
  }
  return inside;
}
