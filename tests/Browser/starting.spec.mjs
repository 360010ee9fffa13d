import { expect, tally, test } from './desk.mjs';

/** From nothing to a judged plan with its sheet, counting clicks and fields. */
async function fromNothing(page, reach) {
    let steps = 0;
    const click = async (what) => { steps++; await what.click(); };
    const fill = async (what, text) => { steps++; await what.fill(text); };
    await page.goto('/');
    await fill(page.getByLabel('Where'), 'Back parlour');
    await fill(page.getByLabel('Date'), '2026-12-20');
    await fill(page.getByLabel('Record from'), '10:00');
    await fill(page.getByLabel('to', { exact: true }), '12:00');
    await click(page.getByRole('button', { name: 'Plan it' }));
    await reach(click);
    // Each wall, then across: what is read next is chosen already.
    for (const [length, version] of [['5.02', 2], ['4.01', 3], ['4.01', 4], ['5.02', 5], ['6.42', 6]]) {
        await fill(page.getByLabel('Length'), length);
        await click(page.getByRole('button', { name: 'Save reading' }));
        await expect(page.locator('#state')).toHaveAttribute('data-version', String(version));
    }
    for (let left = 6; left >= 0; left--) {
        await click(page.locator('.assumed button').first());
        await expect(page.locator('.assumed li')).toHaveCount(left);
    }
    return steps;
}

test('from nothing to a judged plan with its sheet in at most 25 steps', async ({ page }) => {
    let steps = await fromNothing(page, async () => {});
    await expect(tally(page)).not.toContainText('break');
    await page.locator('#stages a', { hasText: 'Measure' }).click();
    await expect(page.locator('#stages [aria-current=page] .mark-holds')).toHaveCount(1);
    const sheet = await page.request.get(await page.getByRole('link', { name: 'Sheet, A4' }).getAttribute('href'));
    steps++;
    expect(sheet.headers()['content-type']).toContain('pdf');
    console.log(`    ${steps} steps`);
    expect(steps).toBeLessThanOrEqual(25);
});

test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    test('the same in at most 40', async ({ page }) => {
        const steps = await fromNothing(page, (click) => click(page.getByRole('button', { name: 'Verdicts' })));
        console.log(`    ${steps} steps on a phone`);
        expect(steps + 2).toBeLessThanOrEqual(40);
    });
});

test('one key finds a setting, a page and a term, and a term in a verdict opens', async ({ desk: page }) => {
    const find = page.getByRole('combobox', { name: 'Find' });
    await page.keyboard.press('/');
    await find.fill('hearth dim');
    await expect(page.getByRole('option').first()).toContainText('Hearth wall: Dimmer');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Hearth wall', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Find' }).click();
    await find.fill('stops light');
    await page.getByRole('option', { name: /^Stops/ }).click();
    await page.waitForURL(/\/light\?.*look=stops/);
    await page.keyboard.press('/');
    await find.fill('qqq');
    await expect(page.locator('#find')).toContainText('Nothing by that name.');
    await page.keyboard.press('Escape');
    await page.locator('.finding').first().getByText('Working').click();
    await page.locator('.finding').first().locator('[data-term]').first().click();
    await expect(page.getByRole('option').first()).toContainText('term');
});

test('an exercise is begun, mended by hand, named, and its verdicts come out of hiding', async ({ page }) => {
    await page.goto('/practice');
    await page.getByRole('button', { name: 'Start: Not quite black' }).click();
    await expect(page.getByText('What is wrong here?')).toBeVisible();
    await expect(page.locator('.finding')).toHaveCount(0);
    await expect(page.locator('#headline .tally')).toHaveCount(0);
    // The key is put farther round, out of the lens.
    await page.locator('#thing-light-1').focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Lit').or(page.getByLabel('Burns')).or(page.getByLabel('On', { exact: true })).first().selectOption('0');
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Escape');
    await page.getByLabel('A lamp shines into a lens').check();
    await page.getByRole('button', { name: 'Show me' }).click();
    await expect(page.locator('.exercise')).toContainText('Right: that was it.');
    await expect(page.locator('.exercise')).toContainText('Mended: it holds now.');
    await expect(page.locator('.exercise')).toContainText('Your change brought this');
    await expect(page.locator('.finding').first()).toBeVisible();
});

test('two versions stand beside each other, and the first is brought back', async ({ desk: page }) => {
    await page.locator('#thing-cam-b').focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.locator('#state')).toHaveAttribute('data-version', '2');
    await page.getByRole('link', { name: 'History' }).click();
    await expect(page.locator('.version')).toHaveCount(2);
    await expect(page.locator('.version .picture')).toHaveCount(4);
    await page.getByRole('button', { name: /^Bring back/ }).click();
    await expect(page.getByRole('status')).toContainText('Back to version 1');
    await page.getByRole('link', { name: 'Back to the plan' }).click();
    await expect(page.locator('#thing-cam-b')).toHaveAttribute('data-x', '5.3');
});
