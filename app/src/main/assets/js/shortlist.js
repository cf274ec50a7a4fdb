// The dense shortlist: goes from plant to plant, tries the site's dials, and asks for what they would give.
document.addEventListener('alpine:init', () => {
  const KEYS = {
    n: 'next',
    arrowdown: 'next',
    v: 'previous',
    arrowup: 'previous',
    w: 'why',
    k: 'keep',
    b: 'beside',
    x: 'pass',
  };

  const shown = (value, unit, us) => {
    if (unit === 'm' && us) {
      const inches = Math.round(value / 0.0254);
      return inches < 24 ? `${inches} in` : `${Math.floor(inches / 12)} ft ${inches % 12} in`;
    }
    return unit === 'm' && value < 0.995 ? `${Math.round(value * 100)} cm` : `${value} ${unit}`.trim();
  };

  window.Alpine.data('threads', () => ({
    id: '',
    init() {
      this.id = this.$refs.chosen.firstElementChild.dataset.id ?? '';
      this.mark();
      this.$root.addEventListener('click', (event) => {
        const button = event.target.closest('[data-id]');
        if (button && button.tagName === 'BUTTON') {
          this.choose(button.dataset.id);
        }
      });
    },
    rows() {
      return [...this.$refs.list.querySelectorAll('.thread')];
    },
    mark() {
      this.rows().forEach((row) => {
        const here = row.dataset.id === this.id;
        row.classList.toggle('here', here);
        row.setAttribute('aria-current', here ? 'true' : 'false');
      });
    },
    /** A dial that nobody has touched says nothing of the site. */
    onlyTried() {
      [...this.$refs.dials.querySelectorAll('input[type=range]')].forEach((dial) => {
        dial.disabled = !dial.dataset.tried;
      });
    },
    changed() {
      const form = this.$refs.dials;
      const values = new URLSearchParams();
      [...form.querySelectorAll('input[type=range]')]
        .filter((dial) => dial.dataset.tried)
        .forEach((dial) => values.set(dial.name, dial.value));
      values.set('group', this.$root.dataset.group);
      return values;
    },
    async choose(id) {
      this.id = id;
      this.mark();
      const chosen = await this.fetched(`plants/${id}?${this.changed()}`);
      if (chosen !== null && this.id === id) {
        this.$refs.chosen.innerHTML = chosen;
      }
    },
    /** A part of the page, or null, said beside the dials, when the shop's server does not give it. */
    async fetched(part) {
      const trouble = this.$refs.trouble;
      try {
        const answer = await fetch(`/visits/${this.$root.dataset.visit}/shortlist/${part}`);
        trouble.textContent = answer.ok ? '' : window.say('not-worked-out');
        return answer.ok ? await answer.text() : null;
      } catch {
        trouble.textContent = window.say('unreachable');
        return null;
      }
    },
    tried(event) {
      const dial = event.target;
      dial.dataset.tried = 'true';
      dial.nextElementSibling.textContent = shown(
        Number(dial.value),
        dial.nextElementSibling.dataset.unit,
        this.$root.dataset.us === 'true',
      );
      if (!this.asking) {
        this.ask();
      } else {
        this.again = true;
      }
    },
    async ask() {
      this.asking = true;
      const list = await this.fetched(`list?${this.changed()}`);
      if (list !== null) {
        this.show(list);
      }
      this.asking = false;
      if (this.again) {
        this.again = false;
        this.ask();
      }
    },
    /** The new list in the place of the old; a picture that stays is not fetched and drawn again. */
    show(html) {
      const fresh = document.createElement('template');
      fresh.innerHTML = html;
      const drawn = new Map(
        [...this.$refs.list.querySelectorAll('.thumb')].map((picture) => [picture.getAttribute('src'), picture]),
      );
      fresh.content.querySelectorAll('.thumb').forEach((picture) => {
        const kept = drawn.get(picture.getAttribute('src'));
        if (kept) {
          picture.replaceWith(kept);
        }
      });
      this.$refs.list.replaceChildren(fresh.content);
      this.mark();
    },
    back() {
      window.location.reload();
    },
    step(by) {
      const rows = this.rows();
      const at = rows.findIndex((row) => row.dataset.id === this.id);
      const next = rows[Math.max(0, Math.min(rows.length - 1, at + by))];
      if (next) {
        next.focus({ preventScroll: false });
        this.choose(next.dataset.id);
      }
    },
    key(event) {
      const work = KEYS[event.key.toLowerCase()];
      if (!work || event.altKey || event.ctrlKey || event.metaKey || event.target.matches('input, select, textarea')) {
        return;
      }
      event.preventDefault();
      if (work === 'next' || work === 'previous') {
        this.step(work === 'next' ? 1 : -1);
      } else {
        this.$refs.chosen
          .querySelector(`[data-act="${{ why: 'w', keep: 'k', beside: 'b', pass: 'x' }[work]}"]`)
          ?.click();
      }
    },
  }));
});
