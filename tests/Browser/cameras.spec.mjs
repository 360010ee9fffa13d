import { changed, expect, finding, onScreen, test } from './desk.mjs';

const look = (page, name) => page.getByRole('navigation', { name: 'Ways to look' }).getByRole('link', { name, exact: true }).click();

// Of the duo's long move two marks are left.
const withShortMove = test.extend({ plan: changed(({ setups }) => { setups.find(({ id }) => id === 'duo').moves[0].marks.length = 2; }) });

withShortMove('the duo’s take is built mark by mark, and shows between which the amplifier case enters', async ({ desk: page }) => {
    await page.getByRole('link', { name: 'The duo' }).click();
    await expect(page.locator('.where')).toContainText('grain loft');
    // The planned take is taken out mark by mark: the last one takes the move with it.
    await look(page, 'The take');
    for (let left = 2; left > 0; left--) {
        await page.locator('.take-tables tbody a').first().click();
        await page.getByRole('button', { name: /^Remove/ }).click();
        await expect(page.locator('.take-tables tbody tr')).toHaveCount(left - 1);
    }
    await expect(page.locator('#strip')).toContainText('No camera moves here');
    await expect(finding(page, 'amplifier case enters')).toHaveCount(0);

    // From one side of the singer to the other: clear on both marks, not between them.
    const mark = async (x, y, at) => {
        await page.goto(page.url().replace(/cameras.*/, 'cameras?place=duo&select=cam-a'));
        await page.getByLabel('Across', { exact: true }).fill(x);
        await page.getByLabel('Across', { exact: true }).press('Tab');
        await expect(page.locator('#thing-cam-a')).toHaveAttribute('data-x', x);
        await page.getByLabel('Position up', { exact: true }).fill(y);
        await page.getByLabel('Position up', { exact: true }).press('Tab');
        await expect(page.locator('#thing-cam-a')).toHaveAttribute('data-y', y);
        await page.getByRole('button', { name: 'Add a move mark here' }).click();
        await expect(page.locator('.take-tables tbody tr')).toHaveCount(at);
    };
    await page.goto(page.url().replace(/cameras.*/, 'cameras?place=duo&select=cam-a'));
    const then = await page.locator('#state').getAttribute('data-version');
    await page.getByLabel('Of', { exact: true }).selectOption({ label: 'Wren' });
    await expect(page.locator('#state')).not.toHaveAttribute('data-version', then);
    await mark('5.4', '2.4', 1);
    await mark('3.4', '3.2', 2);
    await mark('2.9', '3.9', 3);
    await page.getByRole('link', { name: 'Verdicts', exact: true }).first().click();
    await expect(finding(page, /amplifier case enters A’s frame at 0:\d\d\.\d, (between|on)/i)).toBeVisible();
    await expect(page.locator('.take-enters').first()).toBeVisible();

    // The slider brings the frame at a moment; the marks are dragged on the floor.
    const before = await page.locator('[data-take-frame]').innerHTML();
    await page.locator('[data-take-time]').fill('15');
    await expect(page.locator('[data-take-now]')).toHaveText('0:15.0');
    await expect.poll(async () => (await page.locator('[data-take-frame]').innerHTML()) !== before).toBe(true);
    const thing = page.locator('[id="thing-mark:move-1:mark-3"]');
    const version = await page.locator('#state').getAttribute('data-version');
    const [sx, sy] = await onScreen(page, 2.9, 3.9);
    await page.mouse.move(sx, sy);
    await page.mouse.down();
    const [tx, ty] = await onScreen(page, 2.5, 3.4);
    await page.mouse.move(tx, ty, { steps: 8 });
    await page.mouse.up();
    await expect(page.locator('#state')).not.toHaveAttribute('data-version', version);
    expect(Number(await thing.getAttribute('data-x'))).toBeCloseTo(2.5, 0);
});

test('a proposal opens to its working, is applied, and undone', async ({ desk: page }) => {
    await look(page, 'Proposals');
    await expect(page.locator('.proposal')).toHaveCount(3);
    await page.locator('.proposal').first().getByText('Working').click();
    await expect(page.locator('.proposal').first().getByRole('row', { name: /a window beside the face/ })).toBeVisible();
    await page.locator('.proposal').first().getByRole('button', { name: 'Apply' }).click();
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await look(page, 'From above');
    expect(Number(await page.locator('#thing-cam-a').getAttribute('data-x'))).not.toBe(3.55);
    await page.keyboard.press('u');
    await expect(page.locator('#thing-cam-a')).toHaveAttribute('data-x', '3.55');
});

test('B is squared to the wall, and framed to a size by the lens and by moving', async ({ desk: page }) => {
    await page.getByRole('link', { name: 'The duo' }).click();
    await expect(finding(page, 'off square to the yard side')).toBeVisible();
    await page.locator('#thing-cam-b').focus();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Square to the wall' }).click();
    await expect(page.locator('#said')).toContainText('square to the yard side');
    await page.getByRole('link', { name: 'Verdicts', exact: true }).first().click();
    await expect(finding(page, 'off square to the yard side')).toHaveCount(0);

    await page.getByRole('link', { name: 'Setup 1' }).click();
    await page.locator('#thing-cam-b').focus();
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: /^close-up by the lens/ }).click();
    await expect(page.locator('#frame-cam-b figcaption')).toContainText('close-up');
    await page.getByRole('button', { name: /^extreme close-up by moving|^close-up by moving/ }).first().click();
    await expect(page.locator('#said')).toContainText(/B frames a/);
});

test('who covers whom follows a card, and the odd one out is marked', async ({ desk: page }) => {
    await page.getByRole('link', { name: 'The duo' }).click();
    await look(page, 'Settings');
    await page.locator('.settings-table').getByRole('link', { name: 'B', exact: true }).click();
    await page.getByLabel('White balance').fill('3200');
    await page.getByLabel('White balance').press('Tab');
    await expect(page.locator('.settings-table .odd-one')).toContainText('3200 K');
    await look(page, 'Coverage');
    await page.getByLabel('Role').selectOption('roving');
    await expect(page.locator('.cover-table').first()).toContainText('roving');
    await page.getByRole('link', { name: 'Verdicts', exact: true }).first().click();
    await expect(finding(page, 'No locked-off camera has everyone')).toBeVisible();
});
