// A form, or a button of it, that only adds to the page it stands on or fills it in is sent without leaving it: what is in view stays in view. Without a script it is a form
// like any other.
import { fresh, wordsOf } from './server.js';

const SWAPPED = ['main', '.fence', '.neighbours'];
// the page as it stands after it, what is wrong by its field, or both side by side; any other answer says nothing of what is here
const OF_THE_PAGE = [200, 409, 422];

const body = (form, button) => {
  const data = new URLSearchParams(new FormData(form));
  if (button && button.name) data.append(button.name, button.value);
  return data;
};

// puts the answer's page in the place of this one; the field in hand stays in hand, and what is unfolded unfolded, but for what was
// chosen from: then what it filled in is shown
const swap = (page, url, chosen) => {
  const from = chosen && chosen.closest('details');
  const held = document.activeElement && document.activeElement.id;
  const unfolded = [...document.querySelectorAll('main details[open] > summary')].filter((s) => s.parentNode !== from).map((s) => s.textContent);
  for (const place of SWAPPED) {
    const [before, after] = [document.querySelector(place), page.querySelector(place)];
    if (before && after) before.replaceWith(document.adoptNode(after));
  }
  document.querySelectorAll('main details > summary').forEach((s) => { if (unfolded.includes(s.textContent)) s.parentNode.open = true; });
  document.title = page.title;
  history.replaceState(history.state, '', url);
  const field = held && document.getElementById(held);
  if (field) field.focus({ preventScroll: true });
  const said = document.querySelector(chosen ? 'main [role="alert"], main .notice[role="status"]' : 'main [role="alert"]');
  if (said) said.scrollIntoView({ block: 'nearest' });
};

const say = (form, words) => {
  let told = form.querySelector('.not-sent');
  if (!told) {
    told = Object.assign(document.createElement('p'), { className: 'not-sent wrong' });
    told.setAttribute('role', 'alert');
    form.append(told);
  }
  told.textContent = words;
};

export const sendInPlace = async (event) => {
  const form = event.target;
  const button = event.submitter;
  const here = form.matches('[data-in-place]') || (button && button.matches('[data-in-place]'));
  if (!here || event.defaultPrevented) return;
  event.preventDefault();
  if (form.getAttribute('aria-busy') === 'true') return; // a second press while the first is under way
  form.setAttribute('aria-busy', 'true');
  const href = button && button.hasAttribute('formaction') ? button.formAction : form.action;
  const post = () => fetch(href, { method: 'POST', body: body(form, button), headers: { Accept: 'text/html' } });
  try {
    let answer = await post();
    if (answer.status === 403 && await fresh()) answer = await post();
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const elsewhere = new URL(answer.url).pathname !== location.pathname || page.querySelector('meta[http-equiv="refresh"]');
    if (answer.redirected && elsewhere) {
      location.assign(answer.url);
    } else if (OF_THE_PAGE.includes(answer.status) && page.querySelector('main')) {
      swap(page, answer.redirected ? answer.url : location.href, button && button.matches('[data-in-place]') ? button : null);
    } else {
      say(form, wordsOf(answer.status));
    }
  } catch {
    say(form, 'Not saved: no answer. See whether the application runs, and try again.');
  }
  form.removeAttribute('aria-busy');
};
