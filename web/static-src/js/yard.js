// Finding a machine among many: what does not have every word typed is hidden at once, without asking the server.
export default () => ({
  find() {
    const words = this.$refs.q.value.toLowerCase().split(/\s+/).filter(Boolean);
    let shown = 0;
    this.$root.querySelectorAll('[data-found]').forEach((stall) => {
      stall.hidden = !words.every((word) => stall.dataset.found.includes(word));
      shown += stall.hidden ? 0 : 1;
    });
    this.$root.querySelectorAll('[data-shop]').forEach((shop) => {
      shop.hidden = words.length > 0 && !shop.querySelector('[data-found]:not([hidden])');
    });
    if (this.$refs.lately) this.$refs.lately.hidden = words.length > 0;
    this.$refs.none.hidden = shown > 0;
  },
});
