// The study over the drawing: hours in steps, patches by name, shadows as the hour is dragged. All of it comes computed.
import { el } from './scene.js';

const DARKEST_STEP = 0;
const LIGHTEST_STEP = 9;

export class Sun {
  constructor(scene, address, parts) {
    this.scene = scene;
    this.address = address;
    this.parts = parts;
    this.month = 0;
    this.frame = 0;
    this.days = new Map();
    this.year = 0;
  }

  take(study) {
    this.study = study;
    this.days.clear();
    this.draw();
    this.list();
    this.shadows();
  }

  setMonth(month) {
    this.month = month;
    this.parts.monthOut.textContent = month === 0 ? window.say('season') : window.monthName(month);
    this.cells();
    this.shadows();
  }

  draw() {
    this.cells();
    this.patches();
  }

  // Darker is less sun: an ink wash in steps of an hour.
  cells() {
    const column = 3 + this.month;
    const on = this.parts.hours.checked && this.study;
    const steps = new Map();
    (on ? this.study.cells : []).forEach((cell) => {
      const step = Math.max(DARKEST_STEP, Math.min(LIGHTEST_STEP, Math.floor(cell[column])));
      const half = cell[2] / 2;
      steps.set(
        step,
        `${steps.get(step) ?? ''}M${cell[0] - half} ${-(cell[1] + half)}h${cell[2]}v${cell[2]}h${-cell[2]}z`,
      );
    });
    this.scene.layers.cells.replaceChildren(
      ...[...steps].map(([step, d]) => el('path', { class: `hours wash-${step}`, d })),
    );
  }

  patches() {
    const px = this.scene.perPixel();
    const parts = [];
    (this.parts.patchesOn.checked && this.study ? this.study.patches : []).forEach((patch) => {
      parts.push(
        el('path', {
          class: 'patch-edge',
          d: `${patch.outline.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${-y}`).join('')}Z`,
        }),
      );
      parts.push(el('circle', { class: 'patch-dot', cx: patch.labelX, cy: -patch.labelY, r: 11 * px }));
      parts.push(
        el(
          'text',
          {
            class: 'patch-name',
            x: patch.labelX,
            y: -patch.labelY + 4.5 * px,
            'font-size': 13 * px,
            'text-anchor': 'middle',
          },
          patch.name,
        ),
      );
    });
    this.scene.layers.patches.replaceChildren(...parts);
  }

  async shadows() {
    const month = this.month || this.parts.seasonMonth;
    const key = `${month}-${this.year}`;
    if (!this.study && !this.scene.model.features.length) {
      this.show(null);
      return;
    }
    if (!this.days.has(key)) {
      this.days.set(
        key,
        fetch(`${this.address}/shadows.json?month=${month}&year=${this.year}`)
          .then((answer) => (answer.status === 200 ? answer.json() : null))
          .catch(() => null),
      );
    }
    const day = await this.days.get(key);
    this.day = day;
    this.show(day);
  }

  show(day) {
    const frames = day?.frames ?? [];
    const { hour, hourOut } = this.parts;
    hour.max = Math.max(0, frames.length - 1);
    hour.disabled = frames.length === 0;
    if (this.placed !== frames.length) {
      hour.value = Math.round(frames.length * 0.35);
      this.placed = frames.length;
    }
    this.frameAt(Number(hour.value));
    if (!frames.length) {
      hourOut.textContent = day ? 'no sun above 5°' : '';
    }
  }

  // Only picks one of the pictures that were computed: nothing to wait for while dragging.
  frameAt(index) {
    const frame = this.day?.frames[index];
    const on = this.parts.shadowsOn.checked && frame;
    this.parts.hourOut.textContent = frame ? window.say('sun-high', frame.clock, frame.altitude) : '';
    this.scene.layers.shadows.replaceChildren(
      ...(on
        ? [el('path', { class: 'shade solid', d: frame.solid }), el('path', { class: 'shade veiled', d: frame.veiled })]
        : []),
    );
    this.sunMark(on ? frame : null);
  }

  sunMark(frame) {
    this.scene.svg.querySelector('.sun-mark')?.remove();
    if (frame) {
      const { x, y, w, h } = this.scene.view;
      const px = this.scene.perPixel();
      const a = (frame.sunFrom * Math.PI) / 180;
      const cx = Math.max(x + 24 * px, Math.min(x + w - 24 * px, x + w / 2 + Math.sin(a) * w));
      const cy = Math.max(y + 24 * px, Math.min(y + h - 24 * px, y + h / 2 - Math.cos(a) * w));
      this.scene.svg.append(
        el(
          'g',
          { class: 'sun-mark', transform: `translate(${cx} ${cy}) scale(${px})` },
          el('circle', { r: 9 }),
          el('path', {
            d: 'M0 -13V-18M0 13V18M-13 0H-18M13 0H18M-9.2 -9.2L-12.7 -12.7M9.2 9.2L12.7 12.7M-9.2 9.2L-12.7 12.7M9.2 -9.2L12.7 -12.7',
          }),
        ),
      );
    }
  }

  list() {
    const { patches, empty } = this.parts;
    empty.hidden = Boolean(this.study);
    patches.replaceChildren(...(this.study?.patches ?? []).map((patch) => this.card(patch)));
    this.compare();
  }

  card(patch) {
    const card = this.parts.cardTemplate.content.firstElementChild.cloneNode(true);
    card.querySelector('.patch-letter').textContent = patch.name;
    card.querySelector('.patch-light').textContent = patch.light;
    card.querySelector('.patch-hours').textContent = patch.hours;
    card.querySelector('.patch-bed').textContent = patch.bed;
    card.querySelector('ul').replaceChildren(
      ...patch.facts.map((fact) => {
        const line = document.createElement('li');
        line.textContent = fact;
        return line;
      }),
    );
    card.querySelector('input[name=patch]').value = patch.name;
    card.querySelector('input[name=year]').value = this.year;
    card.classList.toggle('here', this.parts.chosen === patch.name);
    return card;
  }

  // Before and after: the beds' means in the year drawn and in the year looked at.
  compare() {
    const { compareOut } = this.parts;
    if (!this.study || !this.before || this.before.year === this.study.year) {
      compareOut.textContent = '';
      return;
    }
    compareOut.textContent = this.study.beds
      .map((bed, i) =>
        window.say(
          'then-and-now',
          bed.bed[0].toUpperCase() + bed.bed.slice(1),
          this.before.beds[i]?.hours ?? '?',
          this.before.year,
          bed.hours,
          this.study.year,
        ),
      )
      .join(' ');
  }
}
