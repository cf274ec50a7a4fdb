// The soil page: asks what the typed tests come to, and lets the layers of the jar be dragged.
document.addEventListener('alpine:init', () => {
  const NS = 'http://www.w3.org/2000/svg';
  const LAYERS = ['clayMm', 'siltMm', 'sandMm'];
  const TOP = 14;
  const FLOOR = 160;
  const TALLEST_MM = 150;

  const node = (name, attributes) => {
    const made = document.createElementNS(NS, name);
    Object.entries(attributes).forEach(([key, value]) => made.setAttribute(key, value));
    return made;
  };

  window.Alpine.data('soil', () => ({
    init() {
      this.drawJar();
      this.$refs.jar.addEventListener('pointerdown', (event) => this.grab(event));
      this.$refs.jar.addEventListener('pointermove', (event) => this.drag(event));
      this.$refs.jar.addEventListener('pointerup', () => {
        this.held = null;
      });
    },
    field(name) {
      return this.$root.elements[name];
    },
    heights() {
      return LAYERS.map((name) => Math.max(0, Number(this.field(name).value.replace(',', '.')) || 0));
    },
    changed() {
      this.drawJar();
      clearTimeout(this.timer);
      this.timer = setTimeout(() => this.ask(), 250);
    },
    async ask() {
      const answer = await fetch(`/visits/${this.$root.dataset.visit}/soil/try`, {
        method: 'POST',
        body: new URLSearchParams(new FormData(this.$root)),
      });
      if (answer.ok) {
        this.$refs.result.innerHTML = await answer.text();
        const wrong = (this.$refs.result.firstElementChild.dataset.problems ?? '').split(' ');
        [...this.$root.elements].forEach(
          (each) =>
            each.matches('input:not([type=radio]):not([type=checkbox])') &&
            each.setAttribute('aria-invalid', String(wrong.includes(each.name))),
        );
      }
    },
    async probe() {
      const readings = this.field('phReadings');
      const before = readings.value.trim().split(/\s+/).filter(Boolean).length;
      const csrf = this.field('_csrf').value;
      const answer = await fetch(`/visits/${this.$root.dataset.visit}/soil/probe`, {
        method: 'POST',
        body: new URLSearchParams({ before, _csrf: csrf }),
      });
      if (answer.ok) {
        readings.value = `${readings.value.trim()} ${(await answer.json()).ph}`.trim();
        this.changed();
      }
    },
    scale() {
      return (
        (FLOOR - TOP - 20) /
        Math.max(
          TALLEST_MM,
          this.heights().reduce((a, b) => a + b, 0),
        )
      );
    },
    drawJar() {
      const scale = this.scale();
      const [clay, silt, sand] = this.heights().map((mm) => mm * scale);
      const parts = [node('rect', { class: 'jar-water', x: 12, y: TOP + 14, width: 66, height: FLOOR - TOP - 14 })];
      let y = FLOOR;
      [
        [sand, 'jar-sand'],
        [silt, 'jar-silt'],
        [clay, 'jar-clay'],
      ].forEach(([height, style]) => {
        y -= height;
        parts.push(node('rect', { class: style, x: 12, y, width: 66, height }));
      });
      parts.push(
        node('path', {
          class: 'jar-glass',
          d: `M20 4H70V${TOP}Q80 ${TOP + 2} 80 ${TOP + 12}V${FLOOR}Q80 166 74 166H16Q10 166 10 ${FLOOR}V${TOP + 12}Q10 ${TOP + 2} 20 ${TOP}Z`,
        }),
      );
      this.$refs.jar.replaceChildren(...parts);
    },
    at(event) {
      const box = this.$refs.jar.getBoundingClientRect();
      return Math.max(0, (FLOOR - ((event.clientY - box.top) / box.height) * 170) / this.scale());
    },
    // The surface nearest to the finger is taken hold of: that of the sand, the silt or the clay.
    grab(event) {
      const [clay, silt, sand] = this.heights();
      const surfaces = [sand, sand + silt, sand + silt + clay];
      const at = this.at(event);
      const near = surfaces.map((each) => Math.abs(each - at));
      this.held = near.lastIndexOf(Math.min(...near));
      this.$refs.jar.setPointerCapture(event.pointerId);
      this.drag(event);
    },
    drag(event) {
      if (this.held === null || this.held === undefined) {
        return;
      }
      const [clay, silt, sand] = this.heights();
      const at = Math.min(this.at(event), 400);
      const values = {
        0: ['sandMm', at, 'siltMm', Math.max(0, sand + silt - at)],
        1: ['siltMm', Math.max(0, at - sand), 'clayMm', Math.max(0, sand + silt + clay - at)],
        2: ['clayMm', Math.max(0, at - sand - silt)],
      }[this.held];
      for (let i = 0; i < values.length; i += 2) {
        this.field(values[i]).value = Math.round(values[i + 1]);
      }
      this.changed();
    },
  }));
});
