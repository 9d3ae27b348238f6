// Mouse and finger on the bench: from point to point, or one after the other. A finger that wipes over it moves the page; one that is
// held on a point first draws a wire.
const HELD = 250; // ms
const NEAR = 34; // px: as large as a finger
const MOVED = 8;

const centre = (part) => {
  const box = part.getBoundingClientRect();
  return [box.left + box.width / 2, box.top + box.height / 2];
};

export default {
  drag: null,
  drags: 0,
  near(x, y) {
    const sheet = this.sheet();
    if (!sheet) return null;
    let best = null;
    let least = NEAR;
    sheet.querySelectorAll('[data-terminal]').forEach((t) => {
      const box = t.getBoundingClientRect();
      const away = Math.hypot(Math.max(box.left - x, 0, x - box.right), Math.max(box.top - y, 0, y - box.bottom));
      if (away < least) { least = away; best = t; }
    });
    return best;
  },
  // while a wire is drawn the page stays where it is
  finger(event) {
    if (this.drag?.held && event.cancelable) event.preventDefault();
  },
  down(event) {
    const sheet = this.sheet();
    if (!sheet || !sheet.contains(event.target) || event.button > 0) return;
    const from = this.near(event.clientX, event.clientY);
    const wire = event.target.closest('[data-ends]');
    const number = this.drags += 1;
    const held = event.pointerType !== 'touch';
    this.drag = { number, from, wire, x: event.clientX, y: event.clientY, moved: false, held };
    if (from && held) event.preventDefault();
    if (from && !held) setTimeout(() => { this.heldFast(number); }, HELD);
  },
  heldFast(number) {
    const { drag } = this;
    if (drag?.number !== number || drag.moved) return;
    drag.held = true;
    this.draft(centre(drag.from), [drag.x, drag.y]);
  },
  move(event) {
    if (!this.drag || !this.drag.from) return;
    this.drag.moved ||= Math.hypot(event.clientX - this.drag.x, event.clientY - this.drag.y) > MOVED;
    if (this.drag.moved && !this.drag.held) { this.drop(); return; }
    if (this.drag.moved) this.draft(centre(this.drag.from), [event.clientX, event.clientY]);
  },
  up(event) {
    const { drag } = this;
    this.drag = null;
    if (!drag) return;
    const to = this.near(event.clientX, event.clientY);
    if (drag.from && drag.moved) {
      if (to && to !== drag.from) {
        this.draft(centre(drag.from), centre(to));
        const ends = [drag.from.dataset.terminal, to.dataset.terminal];
        if (this.metering) { this.undraft(); this.probe(...ends); } else this.join(...ends);
      } else this.undraft();
    } else if (drag.from) { this.undraft(); this.pick(drag.from.dataset.terminal); }
    else if (drag.wire) {
      const [one, other] = drag.wire.dataset.ends.split('>');
      this.choose({ currentTarget: { dataset: { one, other } } });
    } else this.clear();
  },
  drop() { this.drag = null; this.undraft(); },
  draft(from, to) {
    const sheet = this.sheet();
    if (!(sheet instanceof SVGElement)) return;
    let line = sheet.querySelector('.draft-wire');
    if (!line) {
      line = document.createElementNS('http://www.w3.org/2000/svg', 'path');
      line.setAttribute('class', 'draft-wire');
      sheet.append(line);
    }
    const at = ([x, y]) => new DOMPoint(x, y).matrixTransform(sheet.getScreenCTM().inverse());
    const a = at(from);
    const b = at(to);
    line.setAttribute('d', `M${a.x} ${a.y}L${b.x} ${b.y}`);
  },
  undraft() { this.$root.querySelectorAll('.draft-wire').forEach((l) => l.remove()); },
};
