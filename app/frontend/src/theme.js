// The theme that was chosen, if one was.
const chosen = localStorage.getItem('theme');
if (chosen) document.documentElement.dataset.theme = chosen;

addEventListener('DOMContentLoaded', () => {
  const header = document.querySelector('.places');
  if (!header) return;
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'theme';
  const dark = () =>
    (document.documentElement.dataset.theme ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')) === 'dark';
  const say = () => {
    button.textContent = dark() ? 'Light' : 'Dark';
    button.setAttribute('aria-label', dark() ? 'Use the light theme' : 'Use the dark theme');
  };
  button.addEventListener('click', () => {
    const next = dark() ? 'light' : 'dark';
    document.documentElement.dataset.theme = next;
    localStorage.setItem('theme', next);
    say();
  });
  say();
  header.append(button);
});
