// Tells something after it has ended, as a message may come later than the end it was sent before.
export default function late({ port }) {
  setTimeout(() => port.postMessage('too late'), 60);
  return 'the end';
}
