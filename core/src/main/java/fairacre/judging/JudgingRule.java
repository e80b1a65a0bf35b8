package fairacre.judging;

/** Rules about the judgement itself. The names are stable codes. */
public enum JudgingRule implements Rule {
    NOT_JUDGED("Not judged", "Every part of a plan is judged; a part that could not be is told.", "this program");

    private final Text text;

    JudgingRule(String cause, String rule, String source) {
        this.text = new Text(cause, rule, source);
    }

    @Override
    public Step step() {
        return Step.GROUND;
    }

    @Override
    public Text text() {
        return text;
    }
}
