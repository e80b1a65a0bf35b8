/** Words of pages for outdoors. */
export const words = {
  entriesWait: (count: number) =>
    count === 1 ? "1 waits for a signal to be sent" : `${String(count)} wait for a signal to be sent`,
  waitForSignIn: "You have been signed out. What waits is kept, and sent once you are back.",
} as const;
