// What a request to the server has to carry, so that it knows it comes from its own page.
const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;

export const csrf = () => ({ [meta('csrf-header')]: meta('csrf-token') });
