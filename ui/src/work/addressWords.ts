/** The private address of the calendar. */
export const addressWords = {
  title: "Address for the calendar of a phone",
  explained: [
    "Give this address to the calendar of your phone: it then shows the days of work, and follows them when they move.",
    "Who knows the address can read the days of work without signing in, and nothing else; take it back if the wrong person has it.",
    "It is shown only now; make another if you have lost it, and the old one leads nowhere.",
  ].join(" "),
  yours: "Your address",
  make: "Make an address",
  makeAnother: "Make another",
  madeOn: (day: string) => `There is one since ${day}.`,
  takeBack: "Take the address back",
  failed: "That did not work. Look whether there is a signal, and try once more.",
};
