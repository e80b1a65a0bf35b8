package fairacre.appraisal;

import fairacre.bill.BillLine;
import fairacre.cost.Purse;
import fairacre.cost.QuotedPrice;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.measure.Area;
import fairacre.shape.FenceLine;
import fairacre.surface.WalkTakeoff;
import fairacre.walk.Gap;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;

/**
 * What an edit makes different in an appraisal: small where a whole appraisal is large, since an edit leaves most beds
 * as they were.
 *
 * @param snags worst first, as in {@link AppraisalReport}
 */
public record AppraisalChange(
        int season,
        Area plot,
        Area growing,
        Rewrite<BedAppraisal> beds,
        Rewrite<Gap> gaps,
        Rewrite<Snag> snags,
        Purse purse,
        Rewrite<BillLine> bill,
        List<SeasonCost> bySeason,
        List<PartCost> byPart,
        Optional<Money> perArea,
        Rewrite<WalkTakeoff> walks,
        Rewrite<FenceLine> fences,
        Rewrite<QuotedPrice> asked,
        boolean quickBoards,
        List<Rule> notJudged) {

    public AppraisalChange {
        bySeason = List.copyOf(bySeason);
        byPart = List.copyOf(byPart);
        notJudged = List.copyOf(notJudged);
    }

    public static AppraisalChange of(AppraisalReport before, AppraisalReport after) {
        return new AppraisalChange(
                after.season(),
                after.plot(),
                after.growing(),
                Rewrite.of(before.beds(), after.beds()),
                Rewrite.of(before.gaps(), after.gaps()),
                Rewrite.of(before.snags(), after.snags()),
                after.purse(),
                Rewrite.of(before.bill(), after.bill()),
                after.bySeason(),
                after.byPart(),
                after.perArea(),
                Rewrite.of(before.walks(), after.walks()),
                Rewrite.of(before.fences(), after.fences()),
                Rewrite.of(before.asked(), after.asked()),
                after.quickBoards(),
                after.notJudged());
    }

    /** The later appraisal. */
    public AppraisalReport appliedTo(AppraisalReport before) {
        return new AppraisalReport(
                season,
                plot,
                growing,
                beds.appliedTo(before.beds()),
                gaps.appliedTo(before.gaps()),
                snags.appliedTo(before.snags()),
                purse,
                bill.appliedTo(before.bill()),
                bySeason,
                byPart,
                perArea,
                walks.appliedTo(before.walks()),
                fences.appliedTo(before.fences()),
                asked.appliedTo(before.asked()),
                quickBoards,
                notJudged);
    }
}
