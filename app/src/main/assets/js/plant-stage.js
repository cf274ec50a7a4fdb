// The two scrubbers of a plant's page: they only choose which picture is shown.
document.addEventListener('alpine:init', () => {
  const AGES = [0, 1, 2, 3, 5, 7, 10, 15, 20, 25, 30];
  const MONTHS = [
    'January',
    'February',
    'March',
    'April',
    'May',
    'June',
    'July',
    'August',
    'September',
    'October',
    'November',
    'December',
  ];
  window.Alpine.data('stage', () => ({
    half: 0,
    step: 6,
    src: '',
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
      this.when = `${this.half % 2 === 0 ? 'early' : 'late'} ${MONTHS[Math.floor(this.half / 2)]}`;
      this.old = age === 0 ? 'as planted' : age === 1 ? '1 year' : `${age} years`;
      this.src = `/drawings/${plant}/stage.svg?half=${this.half}&age=${age}&units=${units}${place}`;
    },
  }));
  // A page that waits for long work looks again by itself.
  window.Alpine.data('waiting', () => ({
    init() {
      setTimeout(() => window.location.reload(), 1000);
    },
  }));
});
