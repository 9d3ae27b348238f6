// A motor that runs on the bench: the shaft from the end one chooses, speed and current over the first seconds, smoke.
const SHOWN = 1 / 20; // of its speed: as fast as it is nobody sees it turn
const SLOW = 10;
const LONGEST_WAIT = 1500; // ms until what happens much later is shown
const [LEFT, RIGHT, TOP, BOTTOM] = [6, 354, 16, 112];

const still = () => matchMedia('(prefers-reduced-motion: reduce)').matches;
const most = (values) => Math.max(1, ...values.map(Math.abs));

export default {
  rpm: '0',
  moment: '',
  way: '',
  slow: false,
  fromShaft: true,
  speeds: [],
  plus: '',
  span: 1,
  playing: 0,
  turning: 0,
  angle: 0,
  speed: 0,
  // what comes long after the first seconds is the last step of the time line
  started(run) {
    const last = run.speeds[run.speeds.length - 1];
    this.speeds = [...run.speeds];
    if (last && run.stops > last.at) this.speeds.push({ ...last, at: run.stops, rpm: 0, starting: true });
    if (last && run.smoke >= 0) this.speeds.push({ ...last, at: run.smoke, burns: run.burnt });
    this.plus = run.plus;
    this.$refs.time.max = String(Math.max(0, this.speeds.length - 1));
    this.trace(run.speeds);
    this.play(0);
    cancelAnimationFrame(this.turning);
    if (!still()) this.turn(performance.now());
  },
  stopped() {
    clearTimeout(this.playing);
    cancelAnimationFrame(this.turning);
    this.speeds = [];
    this.speed = 0;
    this.smoke([]);
    this.$root.querySelectorAll('.inner.is-out').forEach((i) => i.classList.remove('is-out'));
  },
  play(i) {
    this.moments(i);
    if (i + 1 < this.speeds.length && this.powered) {
      const wait = 1000 * (this.speeds[i + 1].at - this.speeds[i].at) * (this.slow ? SLOW : 1);
      this.playing = setTimeout(() => this.play(i + 1), Math.min(LONGEST_WAIT, wait));
    }
  },
  scrub(event) {
    clearTimeout(this.playing);
    this.moments(Number(event.currentTarget.value));
  },
  slower() {
    this.slow = !this.slow;
    clearTimeout(this.playing);
    if (this.slow) this.play(0); else this.play(Number(this.$refs.time.value));
  },
  seenFrom(event) { this.fromShaft = event.currentTarget.value === 'shaft'; this.moments(Number(this.$refs.time.value)); },
  moments(i) {
    const spin = this.speeds[i];
    this.$root.querySelectorAll('.seen-from button').forEach((b) => b.setAttribute('aria-pressed', String((b.value === 'shaft') === this.fromShaft)));
    this.rpm = spin ? String(Math.abs(spin.rpm)) : '0';
    this.speed = spin ? spin.rpm : 0;
    this.way = this.words();
    const clicks = this.speeds.some((s) => !s.starting);
    const start = clicks ? `, start switch ${spin && spin.starting ? 'closed' : 'open'}` : '';
    this.moment = spin ? `${spin.at.toFixed(spin.burns ? 0 : 2)} s, ${spin.amps} A${spin.burns ? `: smoke, ${spin.burns.join(' and ')}` : start}` : '';
    this.$refs.time.value = String(i);
    this.flow(spin && !spin.starting ? 'running' : 'starting');
    this.$root.querySelectorAll('.inner').forEach((part) => part.classList.toggle('is-out', Boolean(spin) && !spin.starting && part.textContent.includes('start switch')));
    this.smoke(spin && spin.burns ? spin.burns : []);
    this.$refs.cursor.setAttribute('d', spin ? `M${this.x(spin.at)} ${TOP}V${BOTTOM}` : 'M0 0');
  },
  sense() { return Math.sign(this.speed) * (this.plus === 'ccw' ? -1 : 1) * (this.fromShaft ? 1 : -1); },
  words() {
    if (Math.abs(this.speed) < 5) return 'stands still';
    if (!this.plus) return 'turns; the bump tells which way';
    return this.sense() > 0 ? 'clockwise' : 'counter-clockwise';
  },
  turn(before) {
    this.turning = requestAnimationFrame((now) => {
      this.angle += this.sense() * (Math.abs(this.speed) / 60) * 360 * SHOWN * ((now - before) / 1000) / (this.slow ? SLOW : 1);
      this.$refs.shaft.setAttribute('transform', `rotate(${(this.angle % 360).toFixed(1)} 60 60)`);
      if (this.powered) this.turn(now);
    });
  },
  x(at) { return Math.round(LEFT + (RIGHT - LEFT) * Math.min(1, at / this.span)); },
  trace(speeds) {
    const { speedLine, ampsLine, click, speedTop, ampsTop, spanEnd } = this.$refs;
    const [fast, amps] = [most(speeds.map((s) => s.rpm)), most(speeds.map((s) => s.amps))];
    const settled = speeds.find((s) => Math.abs(s.rpm) > 0.95 * fast);
    this.span = Math.min(8, Math.max(1, Math.ceil(settled ? 2.5 * settled.at : 8)));
    const shown = speeds.filter((s) => s.at <= this.span);
    const line = (value, top) => shown.map((s, i) => `${i ? 'L' : 'M'}${this.x(s.at)} ${Math.round(BOTTOM - (BOTTOM - TOP) * Math.abs(value(s)) / top)}`).join('') || 'M0 0';
    speedLine.setAttribute('d', line((s) => s.rpm, fast));
    ampsLine.setAttribute('d', line((s) => s.amps, amps));
    const open = shown.find((s) => !s.starting);
    click.setAttribute('d', open ? `M${this.x(open.at)} ${BOTTOM}v8` : 'M0 0');
    speedTop.textContent = `${fast} rpm`;
    ampsTop.textContent = `${amps} A`;
    spanEnd.textContent = `${this.span} s`;
  },
  // where copper burns it smokes
  smoke(burnt) {
    this.$root.classList.toggle('smoking', burnt.length > 0);
    this.$root.querySelectorAll('.smoke').forEach((s) => s.remove());
    this.$root.querySelectorAll('.by-hand .coil').forEach((coil) => {
      const burns = burnt.some((name) => coil.textContent.includes(name));
      coil.classList.toggle('is-burnt', burns);
      const sheet = coil.closest('svg');
      if (!burns || sheet.getClientRects().length === 0) return;
      const box = coil.getBBox();
      const puffs = document.createElementNS('http://www.w3.org/2000/svg', 'g');
      puffs.setAttribute('class', 'smoke');
      puffs.setAttribute('aria-hidden', 'true');
      [0, 1, 2].forEach((n) => {
        const puff = document.createElementNS('http://www.w3.org/2000/svg', 'circle');
        puff.setAttribute('cx', String(box.x + box.width / 2 + 9 * (n - 1)));
        puff.setAttribute('cy', String(box.y + 6 - 9 * n));
        puff.setAttribute('r', String(9 + 4 * n));
        puffs.append(puff);
      });
      sheet.append(puffs);
    });
  },
};
