// The two scrubbers of a plant's page: they only choose which picture is shown.
document.addEventListener('alpine:init', () => {
  const AGES = [0, 1, 2, 3, 5, 7, 10, 15, 20, 25, 30];
  window.Alpine.data('stage', () => ({
    half: 0,
    step: 6,
    src: '',
    group: '',
    plan: '',
    when: '',
    old: '',
    init() {
      this.half = Number(this.$root.dataset.half);
      this.show();
    },
    turn(event) {
      this.half = Number(event.target.value);
      this.show();
    },
    grow(event) {
      this.step = Number(event.target.value);
      this.show();
    },
    show() {
      const { plant, place, units } = this.$root.dataset;
      const age = AGES[this.step];
      const month = window.monthName(Math.floor(this.half / 2) + 1);
      this.when = this.half % 2 === 0 ? window.say('early', month) : window.say('late', month);
      this.old = [window.say('as-planted'), window.say('year', 1)][age] ?? window.say('years', age);
      const asked = `half=${this.half}&age=${age}&units=${units}${place}`;
      this.src = `/drawings/${plant}/stage.svg?${asked}`;
      this.group = `/drawings/${plant}/group.svg?${asked}`;
      this.plan = `/drawings/${plant}/plan.svg?${asked}`;
    },
  }));
  // A page that waits for long work looks again by itself.
  window.Alpine.data('waiting', () => ({
    init() {
      setTimeout(() => window.location.reload(), 1000);
    },
  }));
});
