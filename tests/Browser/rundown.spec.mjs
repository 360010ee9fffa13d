import ICAL from 'ical.js';
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
    await expect(finding(page, 'Setup 1 would finish recording at')).toContainText('it is set for 10:30 to 12:00');
    await expect(page.locator('.day .is-late')).toHaveCount(1);
    await page.getByRole('button', { name: 'typical' }).click();
    await expect(page.getByText('Call at 07:05, done at 14:35', { exact: true })).toBeVisible();
});

test('the day overruns: what is ticked is done, the rest moves, and what could go is named', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rundown?look=today&ask=10:25'));
    await expect(page.getByText('shoot Setup 1 no longer keeps its hours')).toBeVisible();
    for (const done of ['travel there', 'load-in, Sallow Tide Mill, stone room', 'cameras, Setup 1', 'lamps, Setup 1']) {
        const kept = page.waitForResponse((answer) => answer.url().endsWith('/log') && answer.request().postDataJSON()?.marks.length > 0);
        await page.getByLabel(`${done} is done`).check();
        await kept;
    }
    // Sound and its check are still to be done: 25 minutes late, and it fits.
    await expect(page.getByText('all that is left fits')).toBeVisible();
    await expect(page.getByRole('row', { name: /shoot Setup 1/ })).toContainText('min later');
    // Another 25 minutes gone: it is over. The least that helps is taken, and undone again.
    await page.getByLabel('Pretend it is').fill('10:50');
    await page.getByRole('button', { name: 'Look', exact: true }).click();
    await expect(page.getByText('shoot Setup 1 no longer keeps its hours')).toBeVisible();
    await page.locator('.plans-b li').first().getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByText('all that is left fits')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('shoot Setup 1 no longer keeps its hours')).toBeVisible();
});

test('a bar is dragged to another time and by its end to another length, and moved by keys', async ({ desk: page }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rundown'));
    const bar = (task) => page.locator(`[data-day] [data-task="${task}"]`);
    const box = await bar('take/talk').locator('rect').boundingBox();
    const minute = box.width / 60;
    await page.mouse.move(box.x + box.width / 2, box.y + 8);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 30 * minute, box.y + 8, { steps: 4 });
    await page.mouse.up();
    await expect(bar('take/talk')).toHaveAttribute('data-begins', String(11 * 60));
    const lamps = await bar('lights/talk').locator('rect').boundingBox();
    await page.mouse.move(lamps.x + lamps.width - 2, lamps.y + 8);
    await page.mouse.down();
    await page.mouse.move(lamps.x + lamps.width - 2 + 20 * (lamps.width / 15), lamps.y + 8, { steps: 4 });
    await page.mouse.up();
    await expect(bar('lights/talk')).toHaveAttribute('data-minutes', '35');
    await bar('lights/talk').focus();
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(bar('lights/talk')).toHaveAttribute('data-minutes', '30');
    await expect(bar('lights/talk')).toBeFocused();
});

test('the cue view counts down on its own, for everybody or for one', async ({ desk: page, context }) => {
    await page.goto(page.url().replace(/cameras.*/, 'rundown?look=live&place=duo'));
    await expect(page.locator('[data-cue-what]')).toHaveText('Isolde: voice comes in: A goes across (first verse)');
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Next section starts now' }).click();
    await page.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.locator('[data-cue-section]')).toHaveText('first verse');
    await expect(page.locator('[data-cue-left]')).toHaveText(/in 3\d s/);
    await page.getByLabel('Cues for').selectOption('Bram');
    await expect(page.locator('[data-cue-what]')).toHaveText('Bram: clear the cable behind A (second verse)');
    await expect(page.locator('[data-cue-clock]')).not.toHaveText('0:16.0');
    await page.locator('[data-cue-act=run]').click();
    await context.setOffline(false);
});

test('another program reads the calendar', async ({ desk: page, request }) => {
    const text = await (await request.get(page.url().replace(/cameras.*/, 'day.ics'))).text();
    const calendar = new ICAL.Component(ICAL.parse(text));
    ICAL.TimezoneService.register(calendar.getFirstSubcomponent('vtimezone'));
    const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    const recorded = events.find((one) => one.summary === 'shoot Setup 1');
    expect(recorded.startDate.toJSDate().toISOString()).toBe('2026-12-05T10:30:00.000Z');
    expect(recorded.component.getFirstSubcomponent('valarm').getFirstPropertyValue('trigger').toString()).toBe('-PT15M');
});
