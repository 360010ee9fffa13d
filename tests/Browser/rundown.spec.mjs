import { expect, finding, test } from './desk.mjs';

test('a task takes longer than usual: the day moves, says what no longer fits, and goes back', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rundown'));
    await expect(page.getByText('Call at 07:05, done at 14:35', { exact: true })).toBeVisible();
    const lamps = page.getByLabel('Minutes of lamps, Setup 1');
    await lamps.fill('60');
    await lamps.press('Tab');
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await expect(page.getByText('Call at 07:05, done at 14:35', { exact: true })).toHaveCount(0);
    await page.getByLabel('Minutes of lamps, Setup 1').fill('200');
    await page.getByLabel('Minutes of lamps, Setup 1').press('Tab');
    await expect(finding(page, 'The recording of Setup 1 would end')).toContainText('it is set for 10:30 to 12:00');
    await expect(page.locator('.day .is-late')).toHaveCount(1);
    await page.getByRole('button', { name: 'as usual' }).click();
    await expect(page.getByText('Call at 07:05, done at 14:35', { exact: true })).toBeVisible();
});

test('the day overruns: what is ticked is done, the rest moves, and what could go is named', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rundown?look=today&ask=10:25'));
    await expect(page.getByText('record Setup 1 no longer keeps its hours')).toBeVisible();
    for (const done of ['the way there', 'carry in, Sallow Tide Mill, stone room', 'cameras, Setup 1', 'lamps, Setup 1']) {
        const kept = page.waitForResponse((answer) => answer.url().endsWith('/log') && answer.request().postDataJSON()?.marks.length > 0);
        await page.getByLabel(`${done} is done`).check();
        await kept;
    }
    // Sound and its check are still to be done: 25 minutes late, and it fits.
    await expect(page.getByText('all that is left fits')).toBeVisible();
    await expect(page.getByRole('row', { name: /record Setup 1/ })).toContainText('min later');
    // Another 25 minutes gone: it is over, but for leaving out the check.
    await page.getByLabel('As if it were').fill('10:50');
    await page.getByRole('button', { name: 'Look', exact: true }).click();
    await expect(page.getByText('record Setup 1 no longer keeps its hours')).toContainText('without any one of: check, Setup 1');
});
