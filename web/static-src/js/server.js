// Asking the server from a script. What fails is said in words, by whoever asked, beside what failed.
const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;

// A page that was open for long has lost what says that it is ours: it is asked for anew, and forms and scripts go on with it.
export const fresh = async () => {
  const answer = await fetch(location.href, { headers: { Accept: 'text/html' } });
  const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
  const token = page.querySelector('meta[name="csrf-token"]');
  if (!answer.ok || !token) return false;
  document.querySelector('meta[name="csrf-token"]').content = token.content;
  document.querySelectorAll('input[name="_csrf"]').forEach((field) => { field.value = token.content; });
  return true;
};

const WORDS = {
  401: 'the key is missing. Open the address that start prints',
  403: 'the page was open too long. Reload it and try again',
  404: 'it is not there any more. Reload the page',
  422: 'that cannot be done there',
  503: 'too much is going on, or the database does not answer. Try again in a moment',
};

export const wordsOf = (status, not = 'Not saved') => `${not}: ${WORDS[status] ?? `something went wrong (${status}). Reload the page`}.`;

// { answer } when it went well, { failed: words } when not
export const send = async (href, body, not = 'Not done') => {
  const post = () => fetch(href, {
    method: 'POST',
    body,
    headers: { [meta('csrf-header')]: meta('csrf-token'), Accept: 'application/json' },
  });
  let answer;
  try {
    answer = await post();
    if (answer.status === 403 && await fresh()) answer = await post();
  } catch {
    return { failed: `${not}: no answer. See whether the application runs, and try again.` };
  }
  if (answer.ok) return { answer };
  const told = await answer.json().catch(() => ({}));
  return { failed: told.message ?? wordsOf(answer.status, not) };
};
