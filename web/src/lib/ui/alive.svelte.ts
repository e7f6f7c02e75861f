/** Whether the page has its scripts: before that a press would go nowhere, so what needs them can't be pressed yet. */
export const page = $state({ isAlive: false });
