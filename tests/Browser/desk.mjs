import { expect, test as base } from '@playwright/test';
import { readFileSync } from 'node:fs';

// The theme is kept by the server: the next page asks it.
export async function blackout(page) {
    const kept = page.waitForResponse((answer) => answer.request().method() === 'POST');
    await page.keyboard.press('b');
    await kept;
}

export const DEMO = 'database/demo/sallow-tide-mill.fineframe.json';
export const demoFile = readFileSync(DEMO, 'utf8');

/** The demo's file after a change to what it holds. */
export function changed(change) {
    const plan = JSON.parse(demoFile);
    change(plan);
    return { name: 'plan.fineframe.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(plan)) };
}

/** Imports a fresh copy of the demo (or of the plan that a test names) by the page; fails on any console error. */
export const test = base.extend({
    plan: [DEMO, { option: true }],
    desk: async ({ page, plan }, use) => {
        const errors = [];
        page.on('pageerror', (error) => errors.push(error.message));
        page.on('console', (line) => line.type() === 'error' && !/status of (409|422|503)|ERR_FAILED|ERR_INTERNET_DISCONNECTED|htmx:(sendError|afterRequest)/.test(line.text()) && errors.push(line.text()));
        await page.goto('/');
        await page.setInputFiles('input[type=file]', plan);
        await page.getByRole('button', { name: 'Import' }).click();
        await page.waitForURL(/\/shoots\/.+\/cameras/);
        await use(page);
        expect(errors).toEqual([]);
    },
});

export const tally = (page) => page.locator('#headline .tally strong');
export const finding = (page, words) => page.locator('.finding', { hasText: words });

/** Where a place of the plan (metres) is on the screen. */
export const onScreen = (page, x, y) => page.evaluate(([px, py]) => {
    const p = new DOMPoint(px * 100, -py * 100).matrixTransform(document.getElementById('plan').getScreenCTM());
    return [p.x, p.y];
}, [x, y]);

export async function grab(page, thing) {
    const { x, y } = await page.locator(`#thing-${thing}`).evaluate((el) => ({ x: Number(el.dataset.x), y: Number(el.dataset.y) }));
    const [sx, sy] = await onScreen(page, x, y);
    await page.mouse.move(sx, sy);
    await page.mouse.down();
    return { x, y };
}

export { expect };
