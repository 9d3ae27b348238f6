// What the pages do in the browser: one module for each behaviour. Everything works from the keyboard; every change is confirmed by the
// server.
import handle from './handle.js';
import wireList from './wire-list.js';
import draft from './draft.js';
import leadRows from './lead-rows.js';
import zoom from './zoom.js';
import crossbar from './crossbar.js';
import pad from './pad.js';
import probes from './probes.js';
import snap from './snap.js';
import fill from './fill.js';
import guess from './guess.js';
import page from './page.js';
import yard from './yard.js';
import region from './region.js';
import ladder from './ladder.js';
import handBench from './hand-bench.js';
import practice from './practice.js';
import why from './why.js';

document.addEventListener('alpine:init', () => {
  Alpine.data('bench', handle);
  Alpine.data('wireList', wireList);
  Alpine.data('draft', draft);
  Alpine.data('leadRows', leadRows);
  Alpine.data('zoom', zoom);
  Alpine.data('crossbar', crossbar);
  Alpine.data('pad', pad);
  Alpine.data('probes', probes);
  Alpine.data('snap', snap);
  Alpine.data('fill', fill);
  Alpine.data('guess', guess);
  Alpine.data('page', page);
  Alpine.data('yard', yard);
  Alpine.data('region', region);
  Alpine.data('ladder', ladder);
  Alpine.data('handBench', handBench);
  Alpine.data('practice', practice);
  Alpine.data('why', why);
});

// on a phone the fence slides to the gate at hand
document.addEventListener('DOMContentLoaded', () => {
  const here = document.querySelector('.fence .here');
  if (here) here.scrollIntoView({ block: 'nearest', inline: 'center' });
});
