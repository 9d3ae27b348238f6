// A photo looked at closely.
export default () => ({
  times: 1,
  set(times) {
    this.times = Math.min(6, Math.max(1, times));
    this.$refs.picture.style.width = `${this.times * 100}%`;
  },
  closer() { this.set(this.times * 1.5); },
  further() { this.set(this.times / 1.5); },
});
