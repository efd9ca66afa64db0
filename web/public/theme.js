// Runs before the first paint, so that the page never flashes in the wrong theme.
const chosen = localStorage.getItem('foxing-theme');
if (chosen === 'hood' || (!chosen && matchMedia('(prefers-color-scheme: dark)').matches))
  document.documentElement.dataset.theme = 'hood';
