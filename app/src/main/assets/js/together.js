// The planting together: two scrubbers choose which picture is shown; better plantings come while one watches.
document.addEventListener('alpine:init', () => {
  // Each search may take longer than the one before it, so that the first answer is there at once.
  const SECONDS = [0.25, 1.5, 4, 9];
  const WAIT_MS = 60;
  window.Alpine.data('together', () => ({
    month: 6,
    year: 5,
    scene: '',
    when: '',
    old: '',
    looking: false,
    asked: null,
    timer: 0,
    init() {
      this.month = Number(sessionStorage.getItem('together-month') ?? 6);
      this.$refs.month.value = this.month;
      this.show();
    },
    base() {
      return `/visits/${this.$root.dataset.visit}/together`;
    },
    turn(event) {
      this.month = Number(event.target.value);
      this.show();
    },
    jump(event) {
      this.month = Number(event.currentTarget.dataset.month);
      this.$refs.month.value = this.month;
      this.show();
    },
    grow(event) {
      this.year = Number(event.target.value);
      this.show();
    },
    show() {
      sessionStorage.setItem('together-month', this.month);
      this.when = window.monthName(this.month);
      this.old = this.aged();
      clearTimeout(this.timer);
      this.timer = setTimeout(() => {
        this.scene = `${this.base()}/scene.svg?month=${this.month}&year=${this.year}`;
      }, WAIT_MS);
    },
    aged() {
      if (this.year === 0) {
        return window.say('as-planted');
      }
      return this.year === 1 ? window.say('year', this.year) : window.say('years', this.year);
    },
    complete() {
      this.look(false);
    },
    anew() {
      this.look(true);
    },
    halt() {
      this.asked?.abort();
      this.looking = false;
    },
    async look(anew) {
      this.halt();
      this.asked = new AbortController();
      const { signal } = this.asked;
      this.looking = true;
      try {
        for (const seconds of SECONDS) {
          const answer = await fetch(`${this.base()}/offers?seconds=${seconds}&anew=${anew}`, { signal });
          if (!answer.ok) {
            throw new Error(String(answer.status));
          }
          this.$refs.offers.innerHTML = await answer.text();
          const found = this.$refs.offers.querySelector('.found');
          if (found.dataset.proved === 'true' || !found.querySelector('.offer-list')) {
            break;
          }
        }
      } catch (error) {
        if (error.name !== 'AbortError') {
          this.$refs.offers.textContent = window.say('failed');
        }
      }
      this.looking = signal.aborted && this.looking;
      if (!signal.aborted) {
        this.looking = false;
      }
    },
    async instead(event) {
      const { plant, patch } = event.currentTarget.dataset;
      const place = this.$root.querySelector(`.stand-ins[data-for="${CSS.escape(`${plant}@${patch}`)}"]`);
      if (place.childElementCount > 0) {
        place.replaceChildren();
        return;
      }
      const answer = await fetch(
        `${this.base()}/instead/${encodeURIComponent(plant)}?patch=${encodeURIComponent(patch)}`,
      );
      if (answer.ok) {
        place.innerHTML = await answer.text();
      } else {
        place.textContent = window.say('failed');
      }
    },
  }));
  window.Alpine.data('counted', () => ({
    send() {
      this.$root.requestSubmit();
    },
  }));
});
