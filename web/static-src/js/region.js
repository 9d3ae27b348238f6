// The outlets to choose from are those of the land the shop is in.
export default () => ({
  choose(event) {
    this.$root.querySelectorAll('[data-region]').forEach((outlets) => {
      outlets.classList.toggle('hidden', outlets.dataset.region !== event.currentTarget.value);
    });
  },
});
