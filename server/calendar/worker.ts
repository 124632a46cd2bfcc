/** What a thread that reads calendars does: rules of strangers may repeat for ever, and then only the thread ends. */
export { readText as default } from './readText'
