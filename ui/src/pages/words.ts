/** Words of the pages before a garden. */
export const words = {
  oneBed:
    "A box of pine boards, 1.2 by 0.9 m (4 by 3 ft), filled from bags: boards, screws and soil for less than 60 euros, dollars or pounds. Everything about it can be changed.",
  beginWith: "Begin with",
  starts: [
    { value: "EMPTY", label: "an empty plot" },
    { value: "SMALL_YARD", label: "a small yard: three beds and walks for a barrow" },
    { value: "FENCED_PLOT", label: "a fenced plot: thirteen beds along a main walk" },
    { value: "SEATED", label: "beds for a gardener who sits: two, with room to turn" },
  ],
  emptyPlot: "You draw everything yourself.",
  laidOut:
    "Laid out on the plot below; if it takes more room, you are told how much. Everything about it can be changed. The budget becomes what it takes, if that is more.",
  account: "Your account",
  accountOf: (name: string) => `Your account, ${name}`,
  backToGardens: "Back to your gardens",
  password: "Password",
  presentPassword: "Your password now",
  newPassword: "New password, at least 10 characters",
  changePassword: "Change the password",
  passwordChanged: "The password is changed. Your other devices have to sign in with the new one.",
  elsewhere: "Other devices",
  elsewhereWhy:
    "Signed in on a phone that is lost, or on somebody else's computer? This signs you out everywhere but here.",
  signOutElsewhere: "Sign out everywhere else",
  signedOutElsewhere: "You are signed in here alone.",
  takeAway: "Take everything away",
  takeAwayWhat:
    "One ZIP file with a folder for each garden: the garden's file with its receipts and journal, which can be brought back here, and its photos and scans.",
  takeAwayAll: "Download all my gardens",
  deletion: "Delete the account",
  deletionMeans:
    "Your gardens, their journals, photos and receipts are deleted at once and can't be brought back; download everything first if you may want it. What you did in gardens of others stays there, without your name.",
  sure: "I want my account and all my gardens deleted",
  deleteAccount: "Delete my account",
  forgotten: "Password forgotten?",
  recovery: "Set a new password",
  recoveryHow:
    "With one of the recovery codes that you kept, or with a code from whoever runs the program. Each code works once.",
  code: "Code, like 7K2M-Q9XD-04TP",
  setPassword: "Set it and sign in",
  backToSignIn: "Back to signing in",
  recoveryCodes: "Recovery codes",
  recoveryCodesWhy:
    "No mail is sent from here. If you forget your password, a recovery code lets you set another. Keep them on paper.",
  codesLeft: (left: number) =>
    left === 0 ? "You have none." : left === 1 ? "You have one left." : `You have ${String(left)} left.`,
  makeCodes: "Make eight new codes",
  newCodes: "Your codes, shown this once. Older ones don't work any more.",
  lookingIn: "Opening the garden …",
  noSuchLink: "This link leads nowhere. Ask whoever gave it to you for another.",
  yourGardens: "Your gardens",
  guide: "The whole job on one page",
} as const;

/** Words for somebody who looks round without an account. */
export const guests = {
  lookingRound: (day: string) => `You look round as a guest, until ${day}.`,
  name: "Guest",
  kept: (day: string) => `What you draw is kept on this device until ${day}.`,
  keep: "Keep what you made",
  keepHow:
    "Choose a name and a password. Your gardens stay as they are, and you can open them on other devices.",
  throwAway: "Throw it away",
  throwAwayMeans: "Your copy of the demo and whatever else you drew as a guest is deleted at once.",
  sureToThrowAway: "I don't need it any more",
} as const;
