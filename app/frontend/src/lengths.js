// Fields that take so many characters and no more say so when something did not fit, at the field, at once.
const SAYS = 'cut-off';

function say(field, words) {
  const there = field.nextElementSibling?.classList.contains(SAYS) ? field.nextElementSibling : null;
  if (!words) {
    there?.remove();
    return;
  }
  const place = there ?? Object.assign(document.createElement('span'), { className: SAYS, role: 'status' });
  if (!there) field.after(place);
  place.textContent = words;
}

document.addEventListener('beforeinput', (event) => {
  const field = event.target;
  if (!(field.maxLength > 0) || !event.inputType.startsWith('insert')) return;
  const text = event.data ?? event.dataTransfer?.getData('text/plain') ?? '';
  const room = field.maxLength - field.value.length + (field.selectionEnd - field.selectionStart);
  const over = text.length - room;
  say(field, over > 0 ? `${field.maxLength} characters fit: ${over === 1 ? 'one' : over} did not.` : '');
});
document.addEventListener('focusout', ({ target }) => target.maxLength > 0 && say(target, ''));
