// A key that means something to the page: nobody is typing, and it is no command of the browser. Letters and digits can be turned off, for
// those to whom they happen by chance.
const OFF = 'gatepin:no-letters';

export const isTyping = (event) => /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName);

export const lettersAreOff = () => localStorage.getItem(OFF) === 'yes';

export const turnLetters = (off) => { if (off) localStorage.setItem(OFF, 'yes'); else localStorage.removeItem(OFF); };

export const isPlain = (event) => !isTyping(event) && !event.ctrlKey && !event.altKey && !event.metaKey
  && !(lettersAreOff() && /^[\p{L}\p{N}]$/u.test(event.key));
