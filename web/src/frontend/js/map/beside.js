// The map beside the figures of a sheet: fetched when it is opened, and again whenever the sheet has changed.
export async function drawBeside() {
  const place = document.getElementById('map-beside');
  if (!document.getElementById('sheet-map')?.open) return;
  try {
    const answer = await fetch(place.dataset.from);
    place.innerHTML = answer.ok ? await answer.text() : '';
  } catch {
    place.textContent = 'The program does not answer; close and open again.';
  }
}
