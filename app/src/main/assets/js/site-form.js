// Small helpers of the forms. Every form works without them: they only save a tap.
document.addEventListener('alpine:init', () => {
  window.Alpine.data('siteForm', () => ({
    // A tap beside a field that puts a usual value into it.
    put() {
      const field = document.getElementById(this.$el.dataset.into);
      field.value = this.$el.dataset.value;
      field.focus();
    },
  }));
  const sending = () => ({
    send() {
      this.$refs.form.requestSubmit();
    },
  });
  window.Alpine.data('listLine', sending);
  window.Alpine.data('wishes', sending);
  window.Alpine.data('printer', () => ({
    print() {
      window.print();
    },
  }));
});
