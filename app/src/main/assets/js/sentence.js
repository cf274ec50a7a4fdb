// The sentence with blanks: shows the blanks a job has, and asks anew when one is filled.
document.addEventListener('alpine:init', () => {
  window.Alpine.data('sentence', () => ({
    init() {
      const form = this.$root;
      form.querySelectorAll('details.panel').forEach((panel) => {
        panel.addEventListener('toggle', () => {
          if (!panel.open && panel.dataset.changed) {
            form.requestSubmit();
          }
        });
      });
      document.addEventListener('click', (event) => {
        form.querySelectorAll('details.panel[open]').forEach((panel) => {
          if (!panel.contains(event.target)) {
            panel.open = false;
          }
        });
        const link = event.target.closest('a[href^="#wish-"], a[href^="#job-"]');
        if (link) {
          event.preventDefault();
          this.goTo(link.getAttribute('href').slice(1));
        }
      });
      form.addEventListener('keydown', (event) => {
        const panel = event.target.closest('details.panel[open]');
        if (event.key === 'Escape' && panel) {
          panel.open = false;
          panel.querySelector('summary').focus();
        }
      });
    },
    goTo(id) {
      const target = document.getElementById(id);
      if (target?.matches('details')) {
        window.setTimeout(() => {
          target.open = true;
          target.querySelector('input, select')?.focus();
        });
      } else {
        target?.focus();
      }
    },
    more(event) {
      event.target.closest('.job, .wished').classList.toggle('all');
    },
    changed(event) {
      const panel = event.target.closest('details.panel');
      if (panel) {
        panel.dataset.changed = 'true';
        return;
      }
      const job = event.target.closest('.job');
      if (event.target.matches('[data-kind]')) {
        const kind = event.target.value;
        job.querySelectorAll('[data-kinds]').forEach((blank) => {
          blank.hidden = !blank.dataset.kinds.split(' ').includes(kind);
        });
        const height = job.querySelector('input[name$=".heightM"]');
        if ((kind === 'hedge' || kind === 'screen') && !height.value) {
          height.focus();
          return;
        }
      }
      this.$root.requestSubmit();
    },
  }));
});
