// The parts of the page that are not the plan: tabs on a phone, the theme, the list of keys.
export function showTab(name) {
    document.body.dataset.tab = name;
    document.querySelectorAll('[data-tab-to]').forEach((tab) => tab.toggleAttribute('aria-current', tab.dataset.tabTo === name));
}

document.addEventListener('click', (event) => {
    const tab = event.target.closest('[data-tab-to]');
    if (tab) showTab(tab.dataset.tabTo);
    // Asked for again, the card that is chosen already comes into sight.
    const card = event.target.closest('a[href*="select="]');
    if (card && !card.getAttribute('href').includes('select=none')) document.body.dataset.chosen = '';
    if (event.target.closest('[data-open-keys]')) document.getElementById('keys').showModal();
    const theme = event.target.closest('[data-theme-switch]');
    if (theme) {
        event.preventDefault();
        switchTheme(theme);
    }
});

// The page changes at once and the choice is kept by the same form that works without scripts.
async function switchTheme(button) {
    const form = new FormData(button.form);
    form.set('theme', button.value);
    document.documentElement.dataset.theme = button.value;
    const other = button.value === 'day' ? 'blackout' : 'day';
    button.textContent = other === 'day' ? 'Daylight' : 'Blackout';
    button.value = other;
    await fetch(button.form.action, { method: 'POST', body: form, redirect: 'manual' });
}

// On a phone a chosen thing's card is on the verdicts tab. Another way to look brings its own card along: that is no choice.
document.addEventListener('plan:drawn', () => {
    const { select, look } = document.getElementById('state')?.dataset ?? {};
    const { chosen, looked } = document.body.dataset;
    if (select !== chosen && look === looked && chosen !== undefined && select !== 'none') showTab('verdicts');
    Object.assign(document.body.dataset, { chosen: select, looked: look });
});
document.addEventListener('DOMContentLoaded', () => {
    const { select = 'none', look = '' } = document.getElementById('state')?.dataset ?? {};
    Object.assign(document.body.dataset, { chosen: select, looked: look });
});
