/** Words of the pages before a garden. */
export const words = {
  oneBed:
    "A box of pine boards, 1.2 by 0.9 m (4 by 3 ft), filled from bags: boards, screws and soil for less than 60 euros, dollars or pounds. Everything about it can be changed.",
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
  deletion: "Delete the account",
  deletionMeans:
    "Your gardens, their journals, photos and receipts are deleted at once and can't be brought back; download the garden files first if you may want them. What you did in gardens of others stays there, without your name.",
  sure: "I want my account and all my gardens deleted",
  deleteAccount: "Delete my account",
} as const;
