// Trees and shrubs that stand there already, as one sees them behind a bed: a trunk that parts into boughs, and a
// crown of
// leaves lit from the upper left. Each crown is painted once for a season and set to scale.
const SPRITE = 720;
const LEAVES_A_TONE = 700;
const BASE = 0.3;
const NORTHERN_HALF = 6;
const SEASONS = { 1: 'bare', 2: 'bare', 3: 'bare', 4: 'spring', 5: 'spring', 10: 'autumn', 11: 'bare', 12: 'bare' };
const LEAVES = {
  spring: ['#94a76a', '#a9ba7d', '#c3cf98'],
  summer: ['#7d8f68', '#93a37b', '#adb993'],
  autumn: ['#a87f45', '#c39a57', '#d9b87c'],
  evergreen: ['#566b58', '#6a7f69', '#869880'],
};
const BARK = '#a09580';
const crowns = new Map();

export const isGrowing = (thing) => thing.kind === 'tree' || thing.kind === 'shrub';

export function seasonOf(thing, month, south) {
  if (thing.foliage === 'evergreen') {
    return 'evergreen';
  }
  return SEASONS[south ? ((month - 1 + NORTHERN_HALF) % 12) + 1 : month] ?? 'summer';
}

// Numbers between 0 and 1, always the same for the same beginning.
function chances(seed) {
  let state = Math.floor(Math.abs(seed) * 7919) % 2147483646 || 1;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

// Leaves in a circle, the shaded ones first; thinner towards the rim. One crown stands for all of a season, turned
// and mirrored;
// it is painted when the page has nothing else to do, and until then a tree has its boughs only.
function painted(season) {
  const canvas = document.createElement('canvas');
  canvas.width = SPRITE;
  canvas.height = SPRITE;
  const pen = canvas.getContext('2d');
  const next = chances(1);
  const middle = SPRITE / 2;
  LEAVES[season].forEach((colour, tone) => {
    pen.fillStyle = colour;
    const lit = tone * middle * 0.13;
    for (let i = 0; i < LEAVES_A_TONE; i += 1) {
      const turn = next() * 2 * Math.PI;
      const out = Math.sqrt(next()) * middle * (0.94 - tone * 0.13);
      const size = middle * (0.014 + next() * 0.018);
      pen.beginPath();
      pen.ellipse(
        middle - lit + Math.cos(turn) * out,
        middle - lit + Math.sin(turn) * out,
        size,
        size * 0.6,
        next() * Math.PI,
        0,
        2 * Math.PI,
      );
      pen.fill();
    }
  });
  return canvas;
}

export const standing = { changed: () => {} };

function leaves(pen, season, seed, { x, top, wide, high }) {
  if (!crowns.has(season)) {
    crowns.set(season, null);
    setTimeout(() => {
      crowns.set(season, painted(season));
      standing.changed();
    });
  }
  const crown = crowns.get(season);
  if (crown) {
    pen.save();
    pen.translate(x, top);
    pen.scale(seed % 2 === 0 ? -1 : 1, 1);
    pen.drawImage(crown, -wide / 2, 0, wide, high);
    pen.restore();
  }
}

// A bough that parts in two, and those again.
function bough(pen, from, turn, length, wide, times, next) {
  const to = [from[0] + Math.cos(turn) * length, from[1] - Math.sin(turn) * length];
  pen.lineWidth = Math.max(0.6, wide);
  pen.beginPath();
  pen.moveTo(...from);
  pen.lineTo(...to);
  pen.stroke();
  if (times > 0) {
    [-1, 1].forEach((side) =>
      bough(
        pen,
        to,
        turn + side * (0.22 + next() * 0.3),
        length * (0.68 + next() * 0.12),
        wide * 0.62,
        times - 1,
        next,
      ),
    );
  }
}

// x: of its foot; foot, top: how far down and up it goes, in pixels.
export function drawGrowing(pen, { x, foot, top, radius, seed, season, shrub }) {
  const tall = foot - top;
  const base = foot - tall * (shrub ? 0.02 : BASE);
  const next = chances(seed);
  const bare = season === 'bare';
  pen.save();
  pen.strokeStyle = BARK;
  pen.lineCap = 'round';
  pen.globalAlpha = 0.75;
  const wide = Math.max(1, tall * (shrub ? 0.012 : 0.018));
  const times = bare ? 5 : 2;
  if (shrub) {
    [0.5, 0.25, 0, -0.25, -0.5].forEach((lean) =>
      bough(pen, [x, foot], Math.PI / 2 + lean, tall * 0.36, wide, bare ? 3 : 1, next),
    );
  } else {
    pen.lineWidth = wide;
    pen.beginPath();
    pen.moveTo(x, foot);
    pen.lineTo(x, base);
    pen.stroke();
    const reach = Math.min((base - top) * 0.3, radius * 0.55);
    [0.62, 0.05, -0.6].forEach((lean) => bough(pen, [x, base], Math.PI / 2 + lean, reach, wide * 0.7, times, next));
  }
  pen.restore();
  if (!bare) {
    pen.globalAlpha = 0.82;
    leaves(pen, season, seed, { x, top, wide: 2 * radius, high: base - top });
    pen.globalAlpha = 1;
  }
}

// From above, of a crown to keep: its rim, its leaves where they are not in the way of what stands beneath, and its
// stem.
export function drawFromAbove(pen, { x, y, radius, seed, season, trunk }) {
  if (season !== 'bare') {
    pen.globalAlpha = 0.2;
    leaves(pen, season, seed, { x, top: y - radius, wide: 2 * radius, high: 2 * radius });
    pen.globalAlpha = 1;
  }
  pen.strokeStyle = 'rgba(92,100,70,.55)';
  pen.lineWidth = 1.2;
  pen.setLineDash([2, 4]);
  pen.beginPath();
  pen.arc(x, y, radius, 0, 2 * Math.PI);
  pen.stroke();
  pen.setLineDash([]);
  pen.fillStyle = '#7a6a4d';
  pen.beginPath();
  pen.arc(x, y, trunk, 0, 2 * Math.PI);
  pen.fill();
}
