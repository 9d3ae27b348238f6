// A piece that a machine guessed: the place in the photo it came from lights up; what a person mends he has seen.
export default () => ({
  show() {
    const photo = this.$root.closest('.photo-read');
    photo.querySelectorAll('rect').forEach((r) => r.classList.toggle('at', r.dataset.guess === this.$root.dataset.guess));
  },
  touched() { this.$root.querySelector('[type=checkbox]').checked = true; },
});
