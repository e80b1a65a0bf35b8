package fairacre.cover;

import fairacre.outline.Point;
import fairacre.outline.Rectangle;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.sheet.SheetGood;
import fairacre.sheet.SheetPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** How the covers of a season stand on its beds, and what they are cut from; {@link #told} tells it of each. */
public final class CoverStudy {

    private final Plan plan;
    private final int season;
    private final List<StandingBed> standing;

    private CoverStudy(Plan plan, int season, List<StandingBed> standing) {
        this.plan = plan;
        this.season = season;
        this.standing = standing;
    }

    public static CoverStudy of(Plan plan, int season, List<StandingBed> standing) {
        return new CoverStudy(plan, season, standing);
    }

    /** Of all covers of the season. */
    public List<CoverTold> told() {
        return CoverKinds.covers(plan, season).stream().map(this::told).toList();
    }

    private CoverTold told(BedCover cover) {
        CoverParts parts = new CoverParts(plan, cover);
        return new CoverTold(
                cover.id(),
                cover.sectionLength(),
                parts.slope(),
                parts.tilt(),
                parts.prop(),
                parts.lidKilograms(),
                parts.sectionKilograms(),
                parts.sideEnds(),
                Stream.concat(pieces(parts.walls(), cover.walls()), pieces(parts.panes(), cover.pane()))
                        .toList(),
                parts.battensByLength().entrySet().stream()
                        .map(each -> new CoverTold.BattenPiece(each.getKey(), each.getValue()))
                        .toList(),
                parts.net(),
                on(cover),
                standing.stream()
                        .filter(bed -> cover.beds(season).noneMatch(bed.id()::equals))
                        .filter(bed -> CoverFit.misfit(cover, bed.revision()).isEmpty())
                        .map(StandingBed::id)
                        .toList(),
                cautions(cover));
    }

    private Stream<CoverTold.CoverPiece> pieces(List<SheetPart> parts, SheetGood good) {
        return parts.stream()
                .map(part -> new CoverTold.CoverPiece(
                        part.name().substring(part.name().lastIndexOf(':') + 2),
                        good.label(plan.units()),
                        part.length(),
                        part.width(),
                        part.count()));
    }

    /** Its places of the season, each with how it stands there. */
    List<CoverOnBed> on(BedCover cover) {
        return cover.beds(season)
                .map(id -> bed(id).map(bed -> on(cover, bed)).orElseGet(() -> CoverOnBed.not(id, CoverMisfit.NO_BED)))
                .toList();
    }

    private Optional<StandingBed> bed(UUID id) {
        return standing.stream().filter(bed -> bed.id().equals(id)).findFirst();
    }

    private CoverOnBed on(BedCover cover, StandingBed bed) {
        Optional<CoverMisfit> misfit = CoverFit.misfit(cover, bed.revision());
        if (misfit.isPresent()) {
            return CoverOnBed.not(bed.id(), misfit.get());
        }
        Rectangle outline = bed.outline();
        if (cover.kind() != CoverKind.COLD_FRAME) {
            return new CoverOnBed(bed.id(), Optional.empty(), joints(outline, cover), List.of(), Optional.empty(), 0);
        }
        CoverFacing facing = CoverFacing.of(outline, plan.site());
        return new CoverOnBed(
                bed.id(),
                Optional.empty(),
                joints(outline, cover),
                List.of(facing.from(), facing.to()),
                Optional.of(facing.quarter()),
                facing.off());
    }

    private static List<List<Point>> joints(Rectangle bed, BedCover cover) {
        boolean lengthways = bed.length().compareTo(bed.width()) >= 0;
        double longer = bed.longerSide().metres();
        double aside = bed.shorterSide().metres() / 2;
        return IntStream.range(1, cover.sections())
                .mapToDouble(i -> longer * i / cover.sections() - longer / 2)
                .mapToObj(along -> lengthways
                        ? List.of(bed.at(along, -aside), bed.at(along, aside))
                        : List.of(bed.at(-aside, along), bed.at(aside, along)))
                .toList();
    }

    private static List<String> cautions(BedCover cover) {
        List<String> cautions = new ArrayList<>();
        if (cover.kind() != CoverKind.NET_CAGE) {
            cautions.add("Open it whenever the sun is out: under a closed pane plants are scorched within hours."
                    + " Hook it down against wind; an open lid is the first to go.");
            cautions.add("Saw clear sheets with gloves and eye protection, and tape the ends of their flutes.");
        }
        if (cover.kind() == CoverKind.COLD_FRAME) {
            cautions.add("A lid that falls hurts fingers and heads: fix the prop so that it can't slip.");
        }
        if (cover.kind() == CoverKind.NET_CAGE) {
            cautions.add("Close it to the ground all round, and take the net off before snow.");
        }
        return cautions;
    }
}
