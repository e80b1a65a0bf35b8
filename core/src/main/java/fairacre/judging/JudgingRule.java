package fairacre.judging;

/** Rules about the judgement itself. The names are stable codes. */
public enum JudgingRule implements Rule {
    NOT_JUDGED("Every part of a plan is judged; a part that could not be is told.", "this program");

    private final String rule;
    private final String source;

    JudgingRule(String rule, String source) {
        this.rule = rule;
        this.source = source;
    }

    @Override
    public String rule() {
        return rule;
    }

    @Override
    public String source() {
        return source;
    }
}
