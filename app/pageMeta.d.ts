declare module '#app' {
  interface PageMeta {
    /** Whom the room is for, where it is not for everybody on the staff. */
    only?: 'plan' | 'govern'
  }
}
export {}
