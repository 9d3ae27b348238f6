// What stands beside the switch on the bench.
export default {
  // a device put beside the switch, thrown or taken away: said to the whole bench, for the form goes with the next drawing
  act(event) {
    event.preventDefault();
    const form = event.currentTarget;
    const { words } = form.querySelector('[data-words]').dataset;
    this.$root.dispatchEvent(new CustomEvent('ordered', { detail: { act: form.dataset.act, points: Object.fromEntries(new FormData(form)), words } }));
  },
  ordered(event) {
    const { act, points, words } = event.detail;
    this.lay(act, points, words).then(() => this.$root.querySelector(`[data-words="${CSS.escape(words)}"]`)?.focus());
  },
};
