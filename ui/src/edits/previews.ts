import { request } from "../api/client";
import type { Change, Preview } from "../api/types";

/*
 * Asks what an edit would lead to while it is being made: at most one question is under way, and of those that come up meanwhile only
 * the last is asked.
 */

export interface Question {
  season: number;
  change: Change;
}

export class Previews {
  private waiting: Question | null = null;
  private underWay = false;
  private asked = 0;

  constructor(
    private readonly garden: string,
    private readonly onAnswer: (preview: Preview | null, failure: unknown) => void,
    private readonly send: typeof request = request,
  ) {}

  ask(question: Question): void {
    this.waiting = question;
    void this.run();
  }

  /** Whatever is still under way is of no interest any more. */
  forget(): void {
    this.waiting = null;
    this.asked++;
    this.onAnswer(null, null);
  }

  private async run(): Promise<void> {
    if (this.underWay) return;
    this.underWay = true;
    while (this.waiting) {
      const question: Question = this.waiting;
      const number = ++this.asked;
      this.waiting = null;
      try {
        const preview = await this.send<Preview>("POST", `/api/gardens/${this.garden}/previews`, question);
        if (number === this.asked) this.onAnswer(preview, null);
      } catch (failure) {
        if (number === this.asked) this.onAnswer(null, failure);
      }
    }
    this.underWay = false;
  }
}
