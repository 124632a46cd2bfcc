/** The page that any address is shown with when the server does not answer: it holds nothing of anybody. */
export const SHELL = '/shell'
