/** What no other site knows: it stands in a cookie, and every change takes it along. */
export const token = () => /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";
