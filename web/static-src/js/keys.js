// A key that means something to the page: nobody is typing, and it is no command of the browser.
const typing = (event) => /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);

export const isPlain = (event) => !typing(event) && !event.ctrlKey && !event.altKey && !event.metaKey;
