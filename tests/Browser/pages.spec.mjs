import { readFileSync } from 'node:fs';
import { blackout, expect, tally, test } from './desk.mjs';

const axe = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

const PATHS = [
    '/', 'brief', 'brief?look=schools', 'scout', 'scout?look=notes', 'scout?look=compare', 'measure', 'measure?look=book', 'stage?look=colours',
    'cameras', 'cameras?look=side', 'cameras?look=table', 'cameras?select=cam-b', 'cameras?look=propose', 'cameras?look=take&place=duo', 'cameras?look=cover&place=duo', 'cameras?look=settings', 'cameras?look=kit',
    'light', 'light?look=propose', 'light?look=day', 'light?look=lamps', 'light?look=list', 'light?look=stops',
    'sound?look=room', 'sound?look=radio&place=duo', 'sound?look=tracks&place=duo',
];
const ALL = { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] };

async function serious(page, options) {
    const { violations } = await page.evaluate(async ([source, asked]) => {
        // eslint-disable-next-line no-new-func
        if (!window.axe) (0, eval)(source);
        return window.axe.run(document, asked);
    }, [axe, options]);
    return violations.filter((v) => ['serious', 'critical'].includes(v.impact) || ['heading-order', 'empty-table-header'].includes(v.id)).map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 4).join(' | ')}`);
}

test.describe('axe finds nothing serious', () => {
    test.use({ bypassCSP: true });
    test.setTimeout(240_000);
    // What a page is made of is the same in both themes: in the dark its contrasts alone are asked for.
    for (const [theme, options] of [['day', ALL], ['blackout', { runOnly: { type: 'rule', values: ['color-contrast'] } }]]) {
        test(`on any page, in ${theme}`, async ({ desk: page }) => {
            if (theme === 'blackout') await blackout(page);
            const shoot = page.url().replace(/cameras.*/, '');
            for (const path of PATHS) {
                await page.goto(path === '/' ? '/' : shoot + path);
                await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
                expect(await serious(page, options), path).toEqual([]);
            }
        });
    }
});

export async function tape(page, from, to, length) {
    const line = page.locator('form[data-draft=tape]');
    await line.getByLabel('From', { exact: true }).selectOption({ label: from });
    await line.getByLabel('To', { exact: true }).selectOption({ label: to });
    await line.getByLabel('Length').fill(length);
    await line.getByRole('button', { name: 'Save reading' }).click();
}

test('a newcomer begins a plan and tapes the room in feet and inches', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'ft', exact: true }).click();
    await page.getByLabel('Where').fill('Grain loft');
    await page.getByRole('button', { name: 'Plan it' }).click();
    await expect(tally(page)).not.toContainText('break');
    await expect(page.getByRole('heading', { name: 'Tape', exact: true })).toBeVisible();
    await tape(page, 'A', 'B', 'about twenty');
    await expect(page.locator('.tape-line .error')).toContainText('“about twenty” is not a length');
    await expect(page.getByLabel('Length')).toHaveValue('about twenty');
    for (const [from, to, length] of [['A', 'B', '18\' 6"'], ['B', 'C', '14ft 3 1/2in'], ['C', 'D', '18\'6"'], ['D', 'A', "12'"]]) {
        await tape(page, from, to, length);
        await expect(page.locator('#said')).toContainText(`${from}–${to} is ${{ A: '18′ 6″', B: '14′ 3½″', C: '18′ 6″', D: '12′ 0″' }[from]}`);
    }
    await expect(tally(page)).toContainText('break');
    await page.getByRole('link', { name: 'Tape book', exact: true }).first().click();
    await page.locator('#sheet-walls summary', { hasText: 'west wall' }).click();
    await page.locator('#sheet-walls details[open]').getByLabel('length').fill('14\' 3 1/2"');
    await page.locator('#sheet-walls details[open]').getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('.closure').last()).toContainText('264 sq ft');
    await page.getByRole('link', { name: 'From above' }).click();
    await expect(page.locator('.plan .length').first()).toHaveText(/18′ 6″/);
    await expect(tally(page)).not.toContainText('break');
});

test('a diagonal fixes a room whose corners are not square', async ({ page }) => {
    await page.goto('/');
    await page.getByLabel('Where').fill('Glasshouse');
    await page.getByRole('button', { name: 'Plan it' }).click();
    for (const [from, to, length] of [['A', 'B', '5'], ['B', 'C', '4'], ['C', 'D', '5'], ['D', 'A', '4'], ['A', 'C', '6.2']]) {
        await tape(page, from, to, length);
        await expect(page.locator('#said')).toContainText(`${from}–${to} is`);
    }
    await expect(page.locator('.closure')).toContainText('20.0 m² of floor');
    await expect(page.locator('.residuals')).toContainText('A–C');
});

test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

    test('four tabs at the thumb, nothing wider than the screen', async ({ desk: page }) => {
        await expect(page.locator('#plan')).toBeVisible();
        // What a finger moves is seen through the lenses at once, small; by themselves they are as wide as the screen.
        const wide = async () => (await page.locator('.picture').first().boundingBox()).width;
        expect(await wide()).toBeLessThan(200);
        await page.getByRole('button', { name: 'Frames' }).click();
        expect(await wide()).toBeGreaterThan(300);
        await expect(page.locator('#plan')).toBeHidden();
        await page.getByRole('button', { name: 'Verdicts' }).click();
        await page.locator('.mend').first().click();
        await expect(tally(page)).toHaveText(/^2 break/);
        await page.getByRole('button', { name: 'Stages' }).click();
        await page.getByRole('link', { name: 'Measure' }).click();
        for (const tab of ['Floor', 'Frames', 'Verdicts', 'Stages']) {
            await page.locator('.tabs').getByRole('button', { name: tab }).click();
            expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
            const small = await page.evaluate(() => [...document.querySelectorAll('.tabs button, .rail a, .mend, .keep.show, input:not([type=hidden]):not([type=checkbox]), select')]
                .filter((el) => el.offsetParent && el.getBoundingClientRect().height < 43.5).map((el) => el.outerHTML.slice(0, 80)));
            expect(small).toEqual([]);
        }
    });

    test('a thing tapped on the floor opens its card', async ({ desk: page }) => {
        await page.locator('#thing-cam-b').tap({ force: true });
        await expect(page.getByRole('heading', { name: 'Camera B' })).toBeVisible();
    });
});

test('the first page weighs little', async ({ page }) => {
    // Each body is read as it arrives: a page that is left takes those along that nobody has read.
    const bodies = [];
    page.on('response', (answer) => { if (answer.status() === 200 && !answer.url().endsWith('.woff2')) bodies.push(answer.body().catch(() => Buffer.alloc(0))); });
    await page.goto('/', { waitUntil: 'load' });
    await Promise.all(bodies);
    await page.locator('.plans a').first().click();
    await page.waitForURL(/\/shoots\//, { waitUntil: 'load' });
    const { gzipSync } = await import('node:zlib');
    const bytes = (await Promise.all(bodies)).reduce((sum, body) => sum + gzipSync(body).length, 0);
    console.log(`    ${(bytes / 1024).toFixed(0)} KB compressed for the list and a plan`);
    expect(bytes).toBeLessThan(150 * 1024);
});
