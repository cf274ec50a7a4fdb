// Small helpers of the forms. Every form works without them: they only save a tap.
document.addEventListener('alpine:init', () => {
  const put = (hours) =>
    function () {
      this.$refs.sun.value = hours;
      this.$refs.sun.focus();
    };
  window.Alpine.data('siteForm', () => ({ sun1: put('1'), sun3: put('3'), sun5: put('5'), sun8: put('8') }));
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
