/** Text that Markdown takes as it is, on one line. */
export const markdownText = (text: string): string => text.replace(/[\\`*_{}[\]<>|#]/g, (c) => `\\${c}`).replace(/\s+/g, ' ');

/** Text that HTML takes as it is. */
export const htmlText = (text: string): string => text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
