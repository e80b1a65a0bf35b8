package fairacre.appraisal;

import fairacre.bill.BillLine;
import fairacre.cost.Purse;
import fairacre.cost.QuotedPrice;
import fairacre.fence.FenceStudy;
import fairacre.judging.Rule;
import fairacre.judging.Snag;
import fairacre.judging.SnagsKept;
import fairacre.measure.Area;
import fairacre.shape.FenceLine;
import fairacre.surface.WalkTakeoff;
import fairacre.walk.Gap;
import fairacre.water.WaterStudy;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;

/**
 * A whole appraisal as a value.
 *
 * @param plot area of the plot
 * @param growing soil of all beds that stand
 * @param beds in the plan's order
 * @param snags worst first, without those that are put aside
 * @param aside snags that the gardener lives with
 * @param bill over all seasons
 * @param bySeason every season in which something is built or ends
 * @param byPart every part of the work that has a line on the bill
 * @param perArea cost of the garden by a square metre of its soil in the season, by a square foot if the plan is in
 *     feet; what is kept afterwards is left out; empty without soil
 * @param walks what each walk takes, whatever the season, main walks first
 * @param fences what stands of each fence, wall and hedge, with the openings that ways in make
 * @param water every zone of the season as it runs
 * @param fencing the fences of the season, post by post, and what gets to the beds
 * @param asked what shops asked, the newest first
 * @param quickBoards whether boards of the bill are laid out by the quick rule, since the best layout is not known yet
 * @param notJudged rules that this judgement leaves out, because they take too long while something is dragged
 */
public record AppraisalReport(
        int season,
        Area plot,
        Area growing,
        List<BedAppraisal> beds,
        List<Gap> gaps,
        List<Snag> snags,
        List<SnagsKept.Aside> aside,
        Purse purse,
        List<BillLine> bill,
        List<SeasonCost> bySeason,
        List<PartCost> byPart,
        Optional<Money> perArea,
        List<WalkTakeoff> walks,
        List<FenceLine> fences,
        WaterStudy.Water water,
        FenceStudy.Fencing fencing,
        List<QuotedPrice> asked,
        boolean quickBoards,
        List<Rule> notJudged) {

    public AppraisalReport {
        beds = List.copyOf(beds);
        gaps = List.copyOf(gaps);
        snags = List.copyOf(snags);
        aside = List.copyOf(aside);
        bill = List.copyOf(bill);
        bySeason = List.copyOf(bySeason);
        byPart = List.copyOf(byPart);
        walks = List.copyOf(walks);
        fences = List.copyOf(fences);
        asked = List.copyOf(asked);
        notJudged = List.copyOf(notJudged);
    }
}
