import { test as base, type Browser, type BrowserContext } from '@playwright/test';

export { expect, type APIRequestContext, type Page } from '@playwright/test';

/** What a browser writes by itself where a test provokes a refusal, or takes the network away; no page can keep it from that. */
const provoked =
  /^(Failed to load resource: |An unknown error occurred when fetching the script|Service Worker registration blocked by Playwright)/;

function listen(context: BrowserContext, said: string[]): void {
  context.on('console', (message) => {
    if (['error', 'warning'].includes(message.type()) && !provoked.test(message.text()))
      said.push(`${message.type()}: ${message.text().slice(0, 400)}`);
  });
  context.on('weberror', (error) => said.push(`thrown: ${error.error().message.slice(0, 400)}`));
}

// Every context of a worker, whichever test opened it and whenever.
const saidBy = new WeakMap<Browser, string[]>();
function listenToAll(browser: Browser): string[] {
  const known = saidBy.get(browser);
  if (known) return known;
  const said: string[] = [];
  saidBy.set(browser, said);
  const newContext = browser.newContext.bind(browser);
  browser.newContext = async (options) => {
    const context = await newContext(options);
    listen(context, said);
    return context;
  };
  browser.newPage = async (options) => {
    const context = await browser.newContext(options);
    const page = await context.newPage();
    page.on('close', () => void context.close());
    return page;
  };
  return said;
}

/** A test that fails where a page writes an error or a warning to the console, or throws. */
export const test = base.extend<{ silent: undefined }, { console: string[] }>({
  console: [
    async ({ browser }, use) => {
      await use(listenToAll(browser));
    },
    { scope: 'worker', auto: true },
  ],
  silent: [
    async ({ console: said, context }, use) => {
      if (!context.pages().length) listen(context, said);
      await use(undefined);
      const heard = said.splice(0);
      if (heard.length > 0) throw new Error(`The console was not silent:\n${[...new Set(heard)].join('\n')}`);
    },
    { auto: true },
  ],
});
