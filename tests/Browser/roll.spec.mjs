import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from './desk.mjs';

test('a take is rolled and marked without a network, on two devices, and both know all of it afterwards', async ({ desk: page, browser }) => {
    const rolling = page.url().replace(/cameras.*/, 'roll?look=rolling');
    await page.goto(rolling);
    const other = await browser.newContext();
    const phone = await other.newPage();
    await phone.goto(rolling);
    await page.context().setOffline(true);
    await page.getByRole('button', { name: 'Roll', exact: true }).click();
    await expect(page.locator('[data-roll-take]')).toContainText('Setup 1 1 · 0:0');
    await page.getByRole('button', { name: 'Good' }).click();
    await page.getByRole('button', { name: 'Overlap' }).click();
    await page.getByRole('button', { name: 'Undo last mark' }).click();
    await page.getByRole('button', { name: 'The flood year' }).click();
    await page.getByLabel('Best microphone').selectOption('Boom');
    await page.getByRole('button', { name: 'Stop', exact: true }).last().click();
    await expect(page.locator('[data-roll-takes]')).toContainText('good, topic: The flood year; best sound Boom');
    await expect(page.locator('[data-roll-takes]')).not.toContainText('overlap');
    await expect(page.locator('[data-log-state]')).toContainText('wait here to be sent');
    await page.context().setOffline(false);
    await expect(page.locator('[data-log-state]')).toHaveText('All sent.');
    await phone.bringToFront();
    await expect(phone.locator('[data-roll-takes]')).toContainText('good, topic: The flood year; best sound Boom');
    await phone.getByRole('button', { name: 'Problem' }).click();
    await page.bringToFront();
    await expect(page.locator('[data-roll-takes]')).toContainText('problem');
    await page.getByLabel('Set timecode to').fill('10:30:00:00');
    await page.getByLabel('Set timecode to').press('Tab');
    await expect(page.locator('[data-roll-clock]')).toContainText('10:30:0');
    await other.close();
});

test('a copy with one byte changed is found, and the card is not to be cleared', async ({ desk: page }) => {
    const at = mkdtempSync(join(tmpdir(), 'copies-'));
    const folder = (name, ...files) => {
        mkdirSync(join(at, name, 'C1'), { recursive: true });
        for (const [file, bytes] of files) writeFileSync(join(at, name, 'C1', file), bytes);
        return join(at, name);
    };
    const take = Buffer.alloc(3_000_000, 7);
    const changed = Buffer.from(take);
    changed[2_999_999] = 8;
    const [card, good, bad] = [folder('card', ['a.mov', take], ['b.mov', 'two']), folder('one', ['a.mov', take], ['b.mov', 'two']), folder('two', ['a.mov', changed], ['b.mov', 'two'])];
    await page.goto(page.url().replace(/cameras.*/, 'wrap?look=copies'));
    await page.getByLabel('Card', { exact: true }).fill('large card 1');
    await page.locator('[data-copies-folder=card]').setInputFiles(card);
    await page.locator('[data-copies-folder="0"]').setInputFiles(good);
    await page.locator('[data-copies-folder="1"]').setInputFiles(bad);
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(page.getByText('Do not clear large card 1.')).toBeVisible();
    await expect(page.getByText('C1/a.mov differs')).toBeVisible();
    await page.locator('[data-copies-folder="1"]').setInputFiles(good);
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(page.getByText('large card 1 may be cleared')).toBeVisible();
});
