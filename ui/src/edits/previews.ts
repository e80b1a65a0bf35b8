import { request } from "../api/client";
import type { AppraisalReport, Change, Money, PreviewAnswer } from "../api/types";
import { appraisalAfter } from "./rewrite";

/*
 * Asks what an edit would lead to while it is being made: at most one question is under way, and of those that come up meanwhile only
 * the last is asked.
 */

export interface Question {
  season: number;
  change: Change;
}

/** What a change would lead to. */
export interface Preview {
  appraisal: AppraisalReport;
  difference: Money;
}

/** The judgement without remedies that an answer goes out from; null if there is another one by now. */
type Judged = (answer: PreviewAnswer, season: number) => Promise<AppraisalReport | null>;

export class Previews {
  private waiting: Question | null = null;
  private underWay = false;
  private asked = 0;

  constructor(
    private readonly garden: string,
    private readonly judged: Judged,
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
        const preview = await this.answer(question);
        if (preview && number === this.asked) this.onAnswer(preview, null);
      } catch (failure) {
        if (number === this.asked) this.onAnswer(null, failure);
      }
    }
    this.underWay = false;
  }

  private async answer(question: Question): Promise<Preview | null> {
    const answer = await this.send<PreviewAnswer>("POST", `/api/gardens/${this.garden}/previews`, question);
    const before = await this.judged(answer, question.season);
    return before && { appraisal: appraisalAfter(before, answer.appraisal), difference: answer.difference };
  }
}
