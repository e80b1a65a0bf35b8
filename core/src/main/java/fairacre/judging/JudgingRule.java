package fairacre.judging;

/** Rules about the judgement itself. The names are stable codes. */
public enum JudgingRule implements Rule {
    NOT_JUDGED("Every part of a plan is judged; a part that could not be is told.", "this program");

    private final Text text;

    JudgingRule(String rule, String source) {
        this.text = new Text(rule, source);
    }

    @Override
    public Text text() {
        return text;
    }
}
